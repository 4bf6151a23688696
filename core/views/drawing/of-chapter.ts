/** What each chapter of the handbook opens with: a drawing of its own, made as every drawing of a job is, and what it shows. */
import { decide } from '../../decide.ts';
import type { Scene } from '../../figures/scene.ts';
import type { Decided } from '../../job/decided.ts';
import type { JobFile } from '../../job/definition.ts';
import { readJob } from '../../job/read.ts';
import { planDecided, type Plan } from '../../plan.ts';
import { sightsOf } from '../../rule/sights.ts';
import { shopFor, type Shop } from '../../shop/shop.ts';
import type { Reader } from '../../units/show.ts';
import { workedJob } from '../worked.ts';
import { centred, spansOf, type Readings } from '../bench/centring.ts';
import type { Sides } from '../../geometry/shapes.ts';
import { backScene } from './back.ts';
import { centringScene, seenOf } from './centring.ts';
import { hingingScene, matBackScene, placingScene } from './board.ts';
import { cornerScene } from './corner.ts';
import { frontScene } from './front.ts';
import { partsScene } from './parts.ts';
import { previewScene } from './preview.ts';
import { sectionScene } from './section.ts';
import { sheetScene } from './sheet.ts';

type Of = { plan: Plan; job: Decided; shop: Shop };
type ChapterDrawing = {
	/** What is drawn: the worked job with these parts replaced. */
	job: Partial<JobFile>;
	draw: (of: Of) => Scene | null;
	/** What is seen, and what for. */
	shows: string;
};

const sheet = { width: 402, height: 551 };
const leaning = { top: 402, bottom: 402, left: 551, right: 551, d1: 689, d2: 676 };
const zones = [
	{ id: 'signature', kind: 'show' as const, left: 300, top: 505, width: 80, height: 30 },
	{ id: 'stain', kind: 'hide' as const, left: 0, top: 296, width: 9, height: 86 }
] satisfies NonNullable<JobFile['piece']>['zones'];
const drawSheet =
	(exaggerated: boolean) =>
	({ plan, job }: Of): Scene | null => {
		const [sight] = sightsOf(job, plan);
		return sight ? sheetScene({ piece: sight.piece, measure: sight.measure, path: 'measure', exaggerated }) : null;
	};
const section = ({ plan, job, shop }: Of) => sectionScene(plan, job, shop);
const front = ({ plan, job }: Of) => frontScene(plan, job);
const back = ({ plan, job, shop }: Of) => backScene(plan, job, shop);
const firstBoard =
	(draw: (plan: Plan, job: Decided, index: number) => Scene | null) =>
	({ plan, job }: Of) =>
		draw(plan, job, 0);

/** A pack that lies 0.5 too far left, 0.4 too low and a little turned. */
const readAt = ({ top, right, bottom, left }: Sides): Readings => ({
	tl: top + 0.04,
	tr: top + 0.76,
	bl: bottom - 0.04,
	br: bottom - 0.76,
	lt: left + 0.01,
	lb: left - 1.01,
	rt: right - 0.01,
	rb: right + 1.01
});

export const CHAPTER_DRAWINGS: Readonly<Record<string, ChapterDrawing>> = {
	units: {
		job: { unit: 'in' },
		draw: firstBoard(cornerScene),
		shows: 'One corner of a window, cut in inches: each figure is a whole step of the tape, rounded once, the safe way.'
	},
	intake: {
		job: { piece: { readings: sheet, zones } },
		draw: drawSheet(false),
		shows: 'A sheet’s needs before anything is chosen: a signature that must show, a stain that must not.'
	},
	measure: {
		job: { piece: { readings: leaning } },
		draw: drawSheet(true),
		shows: 'Four sides and two diagonals define the sheet; its lean is drawn ten times larger.'
	},
	window: {
		job: {},
		draw: front,
		shows: 'The window shows the usable size less the overlap. Borders surround it, weighted at the bottom.'
	},
	guard: {
		job: { guard: { glazing: 'uv-acrylic', underMat: 'cotton-4', backing: 'fluted-pp', edgeSeal: 'aluminium-laminate' } },
		draw: section,
		shows: 'Section at the rabbet, front on top: the layers next to the piece decide the grade.'
	},
	materials: {
		job: {
			mats: [{ board: 'cotton-8', colour: 'shell' }],
			guard: {
				glazing: 'uv-glass',
				underMat: 'cotton-4-unbuffered',
				fillers: [{ board: 'foam-free', thickness: 5 }],
				backing: 'alkaline-corrugated'
			},
			frame: { kind: 'wood', moulding: 'oak-30' }
		},
		draw: section,
		shows: 'Each layer at its catalogue thickness, stacked.'
	},
	light: {
		job: { place: { room: 'beside-window', wall: 'masonry' } },
		draw: ({ plan, job }) => previewScene(plan, job),
		shows: 'Its place decides how fast it fades; glazing comes second.'
	},
	climate: {
		job: {
			guard: {
				glazing: 'uv-acrylic',
				underMat: 'cotton-8',
				fillers: [{ board: 'cotton-8', thickness: 3 }],
				backing: 'aluminium-composite',
				edgeSeal: 'aluminium-laminate'
			}
		},
		draw: section,
		shows: 'A sealed pack is a small room: its boards take up moisture, its back and joints let room air in.'
	},
	hold: {
		job: { hold: { kind: 't-hinge', adhesive: 'starch-paste' } },
		draw: firstBoard(hingingScene),
		shows: 'Hinges at the top edge carry the sheet and let it move: their positions on the back mat, as it lies.'
	},
	pack: {
		job: { guard: { glazing: 'uv-acrylic', underMat: 'cotton-4', backing: 'foam-free' } },
		draw: section,
		shows: 'The pack in its rabbet: rabbet depth less pack is the clearance, and must be enough for points.'
	},
	frame: {
		job: { frame: { kind: 'wood', moulding: 'pine-18', deepen: 9 } },
		draw: section,
		shows: 'Face, lip and rabbet; strips on the back where the pack would be proud.'
	},
	back: {
		job: { back: { seal: 'gummed', dustCover: true } },
		draw: back,
		shows: 'The closed back from behind: tape on wood and backing board, rings a third of the way down.'
	},
	hang: {
		job: { piece: { readings: { width: 620, height: 300 } }, hang: { by: 'wire' } },
		draw: back,
		shows: 'Drop, span and rise of the wire: where the rings go, and how hard it pulls.'
	},
	cut: {
		job: {},
		draw: ({ plan, job }) => partsScene(plan, job),
		shows: 'Every flat part at its true size, each once.'
	},
	cautions: {
		job: { mats: [{ board: 'cotton-4', colour: 'shell', bevel: 'reverse' }] },
		draw: firstBoard(matBackScene),
		shows: 'A mat face down, as cut: the guide stops set where the blade starts and ends.'
	},
	findings: {
		job: { piece: { readings: sheet, zones }, window: { way: 'cover', overlap: 20 } },
		draw: front,
		shows: 'What a rule prevents: with this overlap the mat would cover the signature.'
	},
	house: {
		job: { borders: { way: 'even', width: 70 }, mats: [{ board: 'cotton-4', colour: 'slate' }] },
		draw: firstBoard(cornerScene),
		shows: 'Overlap, border, reveal: what nobody typed comes from the shop’s defaults.'
	},
	bench: {
		job: {},
		draw: ({ plan, job, shop }) => {
			const seen = seenOf(plan, shop.house);
			return seen && centringScene(job, seen, centred({ ...seen, readings: readAt(seen.targets), spans: spansOf(seen.opening) }));
		},
		shows: 'Eight measurements, one instruction: where the window is, where it should be, and where the blade goes in.'
	},
	schools: {
		job: { hold: { kind: 't-hinge', adhesive: 'starch-paste' }, schools: { 'hang-from': 'window-mat' } },
		draw: firstBoard(placingScene),
		shows: 'One of the questions: the sheet on the window mat’s back, where some framers hang it.'
	}
};

/** @returns the chapter's drawing for that reader's unit, or null where it has none */
export function chapterDrawing(
	chapter: string,
	shop: Shop,
	reads?: Reader['unit']
): { scene: Scene; reader: Reader; shows: string } | null {
	const drawing = CHAPTER_DRAWINGS[chapter];
	if (!drawing) return null;
	const file = workedJob(drawing.job);
	const job = decide(readJob(file), shop, reads);
	const scene = drawing.draw({ plan: planDecided(file, job, shop), job, shop: shopFor(shop, job.cutIn) });
	return scene ? { scene, reader: job.reader, shows: drawing.shows } : null;
}
