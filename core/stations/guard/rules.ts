import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { put } from '../../job/patch.ts';
import { remedy, remedyOfMat, said } from '../../rule/change.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { houseBoard } from '../../job/material.ts';
import type { Board } from '../../shop/boards.ts';
import { figureName } from '../../shop/catalogue.ts';
import { reaches, GRADE_NAMES } from '../../shop/grades.ts';
import { usedMaterials, type UsedMaterial } from './used.ts';
import type { Layer } from '../../figures/pack.ts';
import { isStiff as isStiffPiece } from '../../job/decide-piece.ts';
import { isFixed } from '../../job/fixed.ts';
import { hangsOnMat } from '../../job/hangs-on-mat.ts';
import { hasRoomForLift } from '../window/lift-room.ts';
import { whereOf } from './layers/all.ts';
import { glazingRules } from './glazing-rules.ts';
import { sealRules } from './seal-rules.ts';
import { knownGlazing, glazingRemedy, listOf } from './rule-words.ts';
import { known, there } from '../../units/there.ts';

export const guardRules: Rule[] = [
	{
		id: 'board.touch-acidic',
		station: 'guard',
		of: 'safety',
		when: 'a board below the grade touches or faces the piece (at Keep a buffered pulp mat may face it as an outer mat)',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'It is not purified: it yellows and stains the piece.',
		fixes: 'Cotton board in its place; a back mat, where the backing board faces the piece.',
		find: (context) =>
			nextToPiece(context).flatMap(({ layer, board }) =>
				mayTouch(context, layer, board) ? [] : [touchCase(context, layer, board)]
			)
	},
	{
		id: 'board.backing-acidic',
		station: 'guard',
		of: 'safety',
		when: 'wood-fibre, chip or grey board behind the piece without a barrier',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'It gives off acid and formaldehyde for as long as it is there.',
		fixes: 'A backing board of fluted polypropylene or alkaline corrugated board, or a barrier in front of it.',
		find: (context) => {
			const { guard } = context.job;
			const cases: Case[] = guard.fillers.flatMap((filler, index) =>
				filler.board.woodFibre
					? [
							{
								says: `${filler.board.name} is behind the piece as filler, with no barrier in front of it.`,
								where: `guard.fillers[${index}].board`,
								remedies: [
									remedy(context, 'Filler of acid-free foam board', ['guard', 'fillers', index, 'board'], 'foam-free'),
									// Where nothing lies between, it faces the piece.
									remedy(
										context,
										'Filler of alkaline corrugated board',
										['guard', 'fillers', index, 'board'],
										'alkaline-corrugated'
									)
								]
							}
						]
					: []
			);
			if (!guard.backing?.woodFibre || guard.barrier) return cases;
			return [
				...cases,
				{
					says: `${guard.backing.name} is the backing board, with no barrier in front of it.`,
					where: 'guard.backing',
					remedies: [
						...backingRemedies(context),
						remedy(context, 'Aluminium laminate in front of it', ['guard', 'barrier'], 'aluminium-laminate')
					]
				}
			];
		}
	},
	{
		id: 'board.backing-grade',
		station: 'guard',
		of: 'safety',
		when: 'a backing board below the grade, barrier or not; a filler below it as a backing board',
		severity: { rare: 'stop', keep: 'stop' },
		why: 'It stays in the pack as long as the piece does.',
		fixes:
			'A backing board of fluted polypropylene or alkaline corrugated board; a filler of acid-free foam or alkaline corrugated board.',
		find: (context) => {
			const { backing, fillers, barrier } = context.job.guard;
			const low = fillers.flatMap(({ board }, index): Case[] =>
				// Raw wood fibre has a rule of its own.
				board.woodFibre || reachesAsBack(context, board, false)
					? []
					: [
							{
								says: `${board.name} as filler does not reach ${GRADE_NAMES[context.grade]}.`,
								where: `guard.fillers[${index}].board`,
								remedies: ['foam-free', 'alkaline-corrugated'].map((id) =>
									remedy(
										context,
										`Filler of ${inSentence(known(context.shop.boards, id).name)}`,
										['guard', 'fillers', index, 'board'],
										id
									)
								)
							}
						]
			);
			if (!backing || reachesAsBack(context, backing, barrier !== null)) return low;
			return [
				...low,
				{
					says: `${backing.name} does not reach ${GRADE_NAMES[context.grade]} as a backing board.`,
					where: 'guard.backing',
					remedies: backingRemedies(context)
				}
			];
		}
	},
	{
		id: 'board.backing-weak',
		station: 'guard',
		of: 'safety',
		when: 'no stiff backing board, or a dust cover alone (a wood-fibre one without a barrier is board.backing-acidic alone)',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Without one the pack bends, points press through and a knock reaches the piece.',
		fixes: 'A stiff backing board.',
		find: (context) => {
			const { backing, barrier } = context.job.guard;
			const pack = context.plan.window?.pack;
			if (!pack || (backing?.woodFibre && !barrier)) return [];
			if (backing && isStiff(backing, Math.max(pack.width, pack.height))) return [];
			const none = context.job.back.dustCover ? 'Only a dust cover closes the back.' : 'The pack has no backing board.';
			const says = backing ? `${backing.name} is not stiff enough for this pack size.` : none;
			return [{ says, where: 'guard.backing', remedies: backingRemedies(context) }];
		}
	},
	{
		id: 'material.buffer-harm',
		station: 'guard',
		of: 'safety',
		when: 'a buffered board touching protein, a cyanotype or a dye print: the mat nearest it unless it floats, or the board behind it',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Alkali, good for most paper, fades cyanotypes and dyes and weakens silk, wool and skin.',
		fixes: 'Unbuffered cotton board.',
		find: (context) => {
			if (!context.job.piece.proteinOrDye) return [];
			const cases = nextToPiece(context).filter(({ layer, board }) => board.buffered && touchesPiece(context, layer));
			return cases.map(({ layer, board }) => ({
				says: `${board.name} is buffered and is ${layer.role === 'mat' ? 'on' : 'behind'} the piece.`,
				where: whereOf(layer),
				remedies: [replaceBoard(context, layer, 'cotton-4-unbuffered', 'Unbuffered cotton, 4-ply')]
			}));
		}
	},
	{
		id: 'material.unknown',
		station: 'guard',
		of: 'safety',
		when: 'a material in the pack with unknown figures',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'It can’t be judged; cautious values are used instead. Ask for its data sheet.',
		fixes: 'A known material, or better its data sheet in Stock, Materials.',
		find: (context) =>
			usedMaterials(context.job)
				.filter(({ material }) => material.unknown.length > 0)
				.map((used) => ({
					says: `${used.material.name}: ${listOf(used.material.unknown.map(figureName))} not known.`,
					where: used.where,
					remedies: knownInstead(context, used)
				}))
	},
	...glazingRules,
	{
		id: 'friable.no-trough',
		station: 'guard',
		of: 'safety',
		when: 'a friable piece, not fixed, without a reverse bevel and a lift of {troughLift} directly over the back mat, or hung from the window mat',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Fallen particles show on the bevel; a hidden trough catches them.',
		fixes: 'A reverse bevel and a lift on the mat nearest the piece, where the borders leave room.',
		school: 'friable',
		find: (context) => {
			const index = context.job.mats.length - 1;
			const mat = context.job.mats[index];
			const { troughLift } = context.shop.house;
			// Once fixed it is given a plain mat.
			if (!context.job.piece.friable || isFixed(context.job)) return [];
			if (mat && hangsOnMat(context.job))
				return [
					{
						says: 'The sheet hangs from its window mat, with the trough behind it: nothing catches fallen particles.',
						where: 'schools.hang-from',
						remedies: [remedy(context, 'Hang it from the back mat', ['schools', 'hang-from'], 'under-mat')]
					}
				];
			// What goes without a mat by its kind has its spacer’s hidden edge.
			if (!mat && (isStiffPiece(context.job.piece.kind) || context.job.piece.kind === 'object')) return [];
			if (!mat) return [{ says: 'Without a mat nothing catches fallen particles.', where: 'mats' }];
			if (mat.bevel === 'reverse' && mat.lift >= troughLift) return [];
			const lift = Math.max(mat.lift, mat.board.thickness, troughLift);
			const remedies = hasRoomForLift(context, index)
				? [remedyOfMat(context, `Reverse bevel, lift to ${said(context, lift)}`, index, { bevel: 'reverse', lift })]
				: [];
			return [{ says: 'Nothing catches fallen particles.', where: `mats[${index}]`, remedies }];
		}
	},
	{
		id: 'mat.join',
		station: 'guard',
		of: 'safety',
		when: 'mats joined by transfer tape (at Rare anywhere, at Keep closer than {joinFromWindow} to the window) or by spray',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Its adhesive creeps toward the window and reaches the sheet.',
		fixes: 'Gummed tape along one edge.',
		find: (context) => {
			const { join, joinDistance } = context.job.guard;
			if (context.job.mats.length === 0) return [];
			if (join === 'spray' && context.job.piece.friable)
				return [
					{
						says: 'Mats joined by sprayed glue, with a friable sheet.',
						why: 'The mist settles on it, and loose particles stick for good.',
						severity: 'stop',
						where: 'guard.join',
						remedies: [remedy(context, 'Join with gummed tape', ['guard', 'join'], 'gummed')]
					}
				];
			const far = context.grade === 'keep' && joinDistance >= context.shop.house.joinFromWindow;
			// At Show only the spray beside what sheds is said.
			if (context.grade === 'show') return [];
			if ((join !== 'transfer' && join !== 'spray') || (join === 'transfer' && far)) return [];
			return [
				{
					says: join === 'spray' ? 'The mats are joined by sprayed glue.' : 'The mats are joined by transfer tape.',
					...(join === 'spray' ? { why: 'Sprayed glue covers the board up to the window, and yellows there.' } : {}),
					where: 'guard.join',
					remedies: [remedy(context, 'Join with gummed tape', ['guard', 'join'], 'gummed')]
				}
			];
		}
	},
	{
		id: 'material.pat-unknown',
		station: 'guard',
		of: 'safety',
		when: 'a board touching or facing a photograph that is not known to pass the photographic activity test (ISO 18916)',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'Boards good for paper can still stain or fade photographs.',
		fixes: 'Its test result in Stock, Materials; or a board that has passed.',
		find: (context) => {
			if (context.job.piece.kind !== 'photograph') return [];
			const passed = Object.values(context.shop.boards).find(
				({ passesPat, touch, withdrawn, forMats, buffered }) =>
					passesPat === true && touch === 'rare' && !withdrawn && forMats && !(buffered && context.job.piece.proteinOrDye)
			);
			return nextToPiece(context)
				.filter(({ board }) => board.passesPat !== true)
				.map(({ layer, board }) => ({
					says: `${nameOfBoard(context, layer, board)}: photographic activity test not known.`,
					where: whereOf(layer),
					remedies: passed ? [replaceBoard(context, layer, passed.id, passed.name)] : []
				}));
		}
	},
	{
		id: 'material.fast-unknown',
		station: 'guard',
		of: 'safety',
		when: 'a coloured mat on the piece whose bleed and light fastness are not known',
		severity: { rare: 'caution' },
		why: 'When humid, an unfast colour bleeds onto the sheet it lies on.',
		fixes: 'A white mat; or its data in Stock, Materials.',
		find: (context) => {
			const index = context.job.mats.length - 1;
			const mat = context.job.mats[index];
			if (!mat || floats(context.job) || mat.board.fast || !isColoured(mat.colour.hex)) return [];
			return [
				{
					says: `The mat on the piece is ${mat.colour.said}; whether its colour bleeds is not known.`,
					where: `mats[${index}].colour`,
					remedies: [remedyOfMat(context, 'White', index, { colour: 'white' })]
				}
			];
		}
	},
	...sealRules
];

/** Not near white, cream or a light grey. */
function isColoured(hex: string): boolean {
	const parts = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
	const [most, least] = [Math.max(...parts), Math.min(...parts)];
	return most < DARK || most - least > STRONG;
}
const DARK = 0xb0;
const STRONG = 40;

type Neighbour = { layer: Layer; board: Board };

function nextToPiece({ plan, shop, job }: Context): Neighbour[] {
	return (plan.pack?.layers ?? []).flatMap((layer) => {
		const board =
			layer.material === null || layer.role === 'barrier' || layer.role === 'glazing' || layer.role === 'lift'
				? undefined
				: layer.role === 'mat'
					? job.mats[layer.index ?? 0]?.board
					: layer.role === 'backing'
						? (job.guard.backing ?? undefined)
						: shop.boards[layer.material];
		return board && (layer.touches || layer.faces) ? [{ layer, board }] : [];
	});
}

/** What lies behind the piece, and the mat nearest to it, which rests on its edge; over a float no mat touches. */
function touchesPiece({ job }: Context, layer: Layer): boolean {
	return layer.touches || (layer.role === 'mat' && layer.index === job.mats.length - 1 && !floats(job));
}

function floats(job: Context['job']): boolean {
	return job.windows.some(({ way }) => way === 'float');
}

function mayTouch(context: Context, layer: Layer, board: Board): boolean {
	const { grade, job } = context;
	// A raw backing without a barrier has its own rule, with its own fix.
	if (board.woodFibre && (layer.role === 'backing' || layer.role === 'filler') && !layer.touches) return true;
	const touching = touchesPiece(context, layer);
	// Cloth sheds: it never touches at Rare, and nowhere what sheds itself.
	if (board.fabricFaced && touching && (grade === 'rare' || job.piece.friable)) return false;
	if (reaches(board.touch, grade)) return true;
	return grade === 'keep' && layer.role === 'mat' && !touching && board.outerMatAtKeep === true;
}

function touchCase(context: Context, layer: Layer, board: Board): Case {
	const id = context.job.piece.proteinOrDye ? 'cotton-4-unbuffered' : 'cotton-4';
	return {
		says: `${nameOfBoard(context, layer, board)} ${layer.touches ? 'touches' : 'faces'} the ${context.job.piece.kind === 'paper' ? 'sheet' : 'piece'}.`,
		where: whereOf(layer),
		...whyNotNext(context, layer, board),
		remedies: [replaceBoard(context, layer, id, known(context.shop.boards, id).name)]
	};
}

/** What is wrong with this board beside the piece, where it is not what the rule says. */
function whyNotNext(context: Context, layer: Layer, board: Board): { why?: string } {
	if (board.fabricFaced && touchesPiece(context, layer)) return { why: 'Its cloth sheds fibres onto the piece.' };
	if (board.growth !== 'paper') return { why: 'It absorbs no moisture: condensation stays on the piece.' };
	if (board.touch === 'keep') return { why: 'Good enough for Keep; over decades it still gives off vapours.' };
	return {};
}

/** Two boards of one name are told apart by where they lie. */
function nameOfBoard({ job }: Context, layer: Layer, board: Board): string {
	const same = job.mats.filter((mat) => mat.board.id === board.id).length > 1;
	return layer.role === 'mat' && same ? `${board.name}, mat ${there(layer.index, 'index') + 1},` : board.name;
}

function replaceBoard(context: Context, layer: Layer, id: string, label: string) {
	const name = label.replace('museum board', 'board');
	if (layer.role === 'mat') return remedyOfMat(context, name, there(layer.index, 'index'), { board: id });
	if (layer.role === 'support') return supportRemedy(context, name, id);
	if (layer.role === 'under-mat') return remedy(context, `${name}, back mat`, ['guard', 'underMat'], id);
	if (layer.role === 'filler') return remedy(context, name, ['guard', 'fillers', there(layer.index, 'index'), 'board'], id);
	// A backing that faces the piece: an under-mat between is the fix, not a soft backing.
	return remedy(context, `${name}, back mat`, ['guard', 'underMat'], id);
}

/** All floats of a mat stand on one kind of board. */
function supportRemedy({ file }: Context, name: string, id: string): Remedy {
	const own = (file.window?.openings ?? []).flatMap((opening, index) =>
		opening.support === undefined ? [] : put(file, ['window', 'openings', index, 'support'], id)
	);
	return { label: `${name}, support`, patch: [...put(file, ['window', 'support'], id), ...own] };
}

/** Foam board reaches Rare once an under-mat or a barrier lies before it. */
function reachesAsBack({ job, grade }: Context, board: Board, behindBarrier: boolean): boolean {
	const shielded = behindBarrier || job.guard.underMat !== null;
	return reaches(board.backingBehindBoard && shielded ? board.backingBehindBoard : board.backing, grade);
}

/** The known material that would take an unknown one's place. */
function knownInstead(context: Context, { role, index }: UsedMaterial): Remedy[] {
	const board = houseBoard(context.grade, context.job.piece.proteinOrDye);
	const name = known(context.shop.boards, board).name;
	switch (role) {
		case 'glazing':
			return [glazingRemedy(context, knownGlazing(context))];
		case 'mat':
			return [remedyOfMat(context, name, index, { board })];
		case 'support':
			return [supportRemedy(context, name, board)];
		case 'under-mat':
			return [remedy(context, `${name}, back mat`, ['guard', 'underMat'], board)];
		case 'filler':
			return [
				remedy(context, 'Filler of alkaline corrugated board', ['guard', 'fillers', index, 'board'], 'alkaline-corrugated')
			];
		case 'barrier':
			return [remedy(context, 'Aluminium laminate in front of it', ['guard', 'barrier'], 'aluminium-laminate')];
		case 'backing':
			return backingRemedies(context);
		case 'edge-seal':
			return [remedy(context, 'Aluminium laminate tape', ['guard', 'edgeSeal'], 'aluminium-laminate')];
		case 'adhesive':
			return [remedy(context, 'Wheat-starch paste and tissue', ['hold', 'adhesive'], 'starch-paste')];
	}
}

function isStiff(board: Board, longest: number): boolean {
	return typeof board.stiff === 'number' ? longest <= board.stiff : board.stiff;
}

function backingRemedies(context: Context) {
	const better = (id: string) =>
		remedy(context, `Back: ${inSentence(known(context.shop.boards, id).name)}`, ['guard', 'backing'], id);
	return [better('fluted-pp'), better('alkaline-corrugated')];
}
