/** The places of a package for which a material is chosen, each with what may stand there and the change that puts it in. */
import { remedyOfMat } from '../rule/change.ts';
import type { Context } from '../rule/rule.ts';
import { drop, put, type Operation } from '../job/patch.ts';
import type { Board } from '../shop/boards.ts';
import type { Shop } from '../shop/shop.ts';
import type { Material } from '../shop/catalogue.ts';
import { offered } from '../shop/stocked.ts';

export type SlotName =
	| 'glazing'
	| 'spacer'
	| 'mat'
	| 'support'
	| 'under-mat'
	| 'filler'
	| 'barrier'
	| 'backing'
	| 'edge-seal'
	| 'adhesive'
	| 'join';
/** `index`: which mat or filler, from the front. */
export type Slot = { name: SlotName; index?: number };

export type Option = {
	/** Null: nothing stands there. */
	id: string | null;
	name: string;
	patch: Operation[];
};

type Definition = {
	/** Where findings about it say they are. */
	where: (index: number) => string;
	options: (context: Context, index: number) => Option[];
	chosen: (context: Context, index: number) => string | null;
};

const NOTHING = 'None';
const plain = (context: Context, keys: (string | number)[], list: readonly Material[], none: boolean): Option[] => [
	...(none ? [{ id: null, name: NOTHING, patch: put(context.file, keys, null) }] : []),
	...list.map(({ id, name }) => ({ id, name, patch: put(context.file, keys, id) }))
];

const JOINS = [
	['gummed', 'Gummed tape along one edge'],
	['paste', 'Paste'],
	['transfer', 'Transfer tape'],
	['spray', 'Sprayed glue']
] as const;

export const SLOTS: Record<SlotName, Definition> = {
	glazing: {
		where: () => 'guard.glazing',
		chosen: ({ job }) => job.guard.glazing.id,
		options: (context) =>
			plain(context, ['guard', 'glazing'], offered(context.shop.glazings, context.job.guard.glazing.id), false)
	},
	spacer: {
		where: () => 'guard.spacer',
		chosen: ({ job }) => job.guard.spacer?.material ?? null,
		options: (context) => {
			const thickness = context.job.guard.spacer?.thickness ?? USUAL_SPACER;
			return [
				{ id: null, name: NOTHING, patch: put(context.file, ['guard', 'spacer'], null) },
				...SPACERS.map(([id, name]) => ({ id, name, patch: put(context.file, ['guard', 'spacer'], { material: id, thickness }) }))
			];
		}
	},
	mat: {
		where: (index) => `mats[${index}].board`,
		chosen: ({ job }, index) => job.mats[index]?.board.id ?? null,
		options: (context, index) =>
			matBoards(context.shop, context.job.mats[index]?.board.id).map((board) => ({
				id: board.id,
				name: board.name,
				patch: remedyOfMat(context, board.name, index, { board: board.id }).patch
			}))
	},
	support: {
		where: () => 'window.support',
		chosen: ({ job }) => job.windows.find((window) => window.support)?.support?.id ?? null,
		options: (context) => {
			const own = (context.file.window?.openings ?? []).flatMap((opening, index) =>
				opening.support === undefined ? [] : [index]
			);
			return offered(context.shop.boards, SLOTS.support.chosen(context, 0)).map((board) => ({
				id: board.id,
				name: board.name,
				patch: [
					...put(context.file, ['window', 'support'], board.id),
					...own.flatMap((index) => put(context.file, ['window', 'openings', index, 'support'], board.id))
				]
			}));
		}
	},
	'under-mat': {
		where: () => 'guard.underMat',
		chosen: ({ job }) => job.guard.underMat?.id ?? null,
		options: (context) =>
			plain(context, ['guard', 'underMat'], offered(context.shop.boards, context.job.guard.underMat?.id), true)
	},
	filler: {
		where: (index) => `guard.fillers[${index}].board`,
		chosen: ({ job }, index) => job.guard.fillers[index]?.board.id ?? null,
		options: (context, index) => [
			{ id: null, name: NOTHING, patch: drop(context.file, ['guard', 'fillers', index]) },
			...plain(
				context,
				['guard', 'fillers', index, 'board'],
				offered(context.shop.boards, context.job.guard.fillers[index]?.board.id),
				false
			)
		]
	},
	barrier: {
		where: () => 'guard.barrier',
		chosen: ({ job }) => job.guard.barrier?.id ?? null,
		options: (context) =>
			plain(
				context,
				['guard', 'barrier'],
				offered(context.shop.barriers, context.job.guard.barrier?.id).filter(({ folded }) => !folded),
				true
			)
	},
	backing: {
		where: () => 'guard.backing',
		chosen: ({ job }) => job.guard.backing?.id ?? null,
		options: (context) => plain(context, ['guard', 'backing'], offered(context.shop.boards, context.job.guard.backing?.id), true)
	},
	'edge-seal': {
		where: () => 'guard.edgeSeal',
		chosen: ({ job, file }) => (job.guard.sealOnPiece ? (file.guard?.edgeSeal ?? null) : (job.guard.edgeSeal?.id ?? null)),
		options: (context) =>
			plain(
				context,
				['guard', 'edgeSeal'],
				// Without glazing it would lie on the piece’s face.
				context.job.guard.glazing.family === 'none' ? [] : offered(context.shop.edgeSeals, context.job.guard.edgeSeal?.id),
				true
			)
	},
	adhesive: {
		where: () => 'hold.adhesive',
		chosen: ({ job }) => job.hold.adhesive.id,
		options: (context) =>
			plain(
				context,
				['hold', 'adhesive'],
				offered(context.shop.adhesives, context.job.hold.adhesive.id).filter((adhesive) => adhesive.id !== 'none'),
				false
			)
	},
	join: {
		where: () => 'guard.join',
		chosen: ({ job }) => job.guard.join,
		options: (context) => JOINS.map(([id, name]) => ({ id, name, patch: put(context.file, ['guard', 'join'], id) }))
	}
};

/** Boards that are cut as window mats, and the one that is chosen. */
export function matBoards(shop: Shop, chosen?: string): Board[] {
	return offered(shop.boards, chosen).filter((board) => board.forMats || board.id === chosen);
}

const USUAL_SPACER = 3;
const SPACERS = [
	['cotton', 'Cotton board strips'],
	['acrylic', 'Acrylic strips'],
	['wood-lined', 'Lined wood strips']
] as const;

/** Slots of a package, from the front. */
export function slotsOf({ job }: Pick<Context, 'job'>): Slot[] {
	return [
		{ name: 'glazing' },
		{ name: 'spacer' },
		...job.mats.map((_, index) => ({ name: 'mat' as const, index })),
		...(job.windows.some((window) => window.support) ? [{ name: 'support' as const }] : []),
		{ name: 'under-mat' },
		...job.guard.fillers.map((_, index) => ({ name: 'filler' as const, index })),
		{ name: 'barrier' },
		{ name: 'backing' },
		{ name: 'edge-seal' }
	];
}

export function whereOfSlot({ name, index = 0 }: Slot): string {
	return SLOTS[name].where(index);
}
