/** A package in which nothing is found: what the cases put their fault into. */
import type { JobFile } from '../../job/definition.ts';

type Changes = Omit<Partial<JobFile>, 'piece' | 'guard' | 'hold' | 'frame'> & {
	piece: Partial<NonNullable<JobFile['piece']>>;
	guard?: JobFile['guard'];
	hold?: JobFile['hold'];
	frame?: JobFile['frame'];
};

/** It, for a piece of its own; within piece, guard, hold and frame what is not named stays. */
export function sound(title: string, { piece, guard, hold, frame, ...rest }: Changes): JobFile {
	return {
		format: 'rare-keep/job',
		version: 1,
		title,
		unit: 'mm',
		aim: 'keep',
		piece: {
			title,
			kind: 'paper',
			medium: ['etching'],
			replaceable: false,
			dry: true,
			grammage: 200,
			readings: { width: 300, height: 400 },
			thickness: 0.4,
			...piece
		},
		window: { way: 'cover', overlap: 6 },
		mats: [{ board: 'cotton-4', colour: 'white' }],
		borders: { way: 'weighted', width: 70, weight: 10 },
		guard: { glazing: 'uv-acrylic', underMat: 'cotton-4', backing: 'alkaline-corrugated', edgeSeal: 'paper', ...guard },
		hold: { kind: 't-hinge', adhesive: 'starch-paste', ...hold },
		frame: { kind: 'wood', moulding: 'ash-22', ...frame },
		back: { seal: 'gummed' },
		place: { room: 'living-room', wall: 'masonry' },
		...rest
	};
}
