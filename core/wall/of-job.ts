/** A job as it hangs on a wall: its outer size, its mass, and its nails from its own top (handbook hang#nails). */
import type { JobFile } from '../job/definition.ts';
import type { Decided } from '../job/decided.ts';
import type { Figures } from '../figures.ts';
import type { Picture } from './wall.ts';

/** @returns null while it has no frame, its hanging is not planned, or it stands on a table */
export function pictureOf(id: string, file: JobFile, job: Decided, { frame, hang, mass }: Figures): Picture | null {
	if (!frame || !hang || hang.hooks.length === 0) return null;
	// Its own nails are for a centre at this height.
	const top = job.hang.centreHeight + frame.outer.height / 2;
	return {
		id,
		outer: frame.outer,
		kg: mass?.kg ?? job.given.mass,
		hooks: hang.hooks.map(({ x, height }) => ({ x, down: top - height })),
		inSun: file.place?.room === 'sun-patch',
		air: job.back.bumpers > 0 ? job.back.bumperHeight : 0,
		...(job.piece.fade === null
			? {}
			: { fades: { fade: job.piece.fade, filter: job.guard.glazing, exposure: job.place.exposure, aim: job.aim } })
	};
}
