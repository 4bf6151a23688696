/** What findings say of water and warmth near a piece: what they harm, where paste can't hold (handbook hold#water). */
import type { Case, Context, Remedy, Rule } from '../../rule/rule.ts';
import { remedy, saidFine } from '../../rule/change.ts';
import { isBelow } from '../../units/compare.ts';
import { named, which } from '../../rule/sights.ts';
import { heldSights } from './held.ts';
import { inFolded, kindPatch } from './other-kinds.ts';
import { isHinge } from '../../job/hold-kinds.ts';
import { bringsWaterOrHeat, isWetted } from '../../shop/holds.ts';

export const waterRules: Rule[] = [
	{
		id: 'hold.water-harm',
		station: 'hold',
		of: 'safety',
		when: 'an adhesive that is wetted, or released by water or heat, on bone, ivory, horn or tortoiseshell, or overall mounting of it; heat on media it harms; a water-based one on vellum, parchment, tracing paper, papyrus a caution',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'It swells and warps where wetted or heated, for good.',
		fixes: 'Strips or pockets, the frame’s lip, or a conservator’s choice.',
		find: (context) => {
			const { piece, hold } = context.job;
			const name = piece.kind === 'vellum' ? 'vellum' : (piece.material ?? 'bone');
			const found = (says: string, severity?: 'caution'): Case[] => [
				{ says, where: 'hold.adhesive', ...(severity ? { severity } : {}), remedies: dryHolds(context) }
			];
			if (piece.media.some(({ noHeat }) => noHeat) && bringsHeat(hold.adhesive))
				return found(`${hold.adhesive.name} needs heat, which harms ${piece.media.find(({ noHeat }) => noHeat)?.name ?? 'it'}.`);
			if (piece.dryHold && isWetted(hold.adhesive))
				return found(`${hold.adhesive.name} wets ${piece.support?.name ?? 'the sheet'}.`, 'caution');
			if (piece.kind === 'vellum') return isWetted(hold.adhesive) ? found(`${hold.adhesive.name} wets ${name}.`, 'caution') : [];
			if (piece.kind !== 'bone') return [];
			if (hold.kind === 'whole-surface') return found(`The ${name} is mounted overall.`);
			if (isWetted(hold.adhesive)) return found(`${hold.adhesive.name} wets ${name}.`);
			return bringsWaterOrHeat(hold.adhesive)
				? found(`${hold.adhesive.name} comes off with ${hold.adhesive.release}: keep both away from ${name}.`)
				: [];
		}
	},
	{
		id: 'hold.water-media',
		station: 'hold',
		of: 'safety',
		when: 'paste or gummed tape on a sheet with iron-gall ink or copying pencil (at Rare a stop), or with felt pen, ballpoint, signing pens, dye inkjet or other media that run; on gouache and friable media within {waterNear} of them',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'Moisture from the hinge spreads in the sheet: ink runs, and rings form.',
		fixes: 'Pockets or strips, where the overlap hides them; else a conservator’s nearly dry hinge.',
		find: (context) => {
			const { piece, hold } = context.job;
			if (!isWetted(hold.adhesive) || !isHinge(hold.kind)) return [];
			const remedies: Remedy[] = [
				...inFolded(context),
				{ label: 'A conservator’s choice', patch: kindPatch(context.file, 'conservator', 'none') }
			];
			const where = 'hold.adhesive';
			const harmed = piece.media.filter(({ water }) => water !== undefined);
			if (harmed.length > 0) {
				const isHard = harmed.some(({ water }) => water === 'harms');
				const severity = isHard ? (context.grade === 'rare' ? 'stop' : 'caution') : undefined;
				return [
					{
						says: `${hold.adhesive.name} brings water to ${inList(harmed.map(({ name }) => name))}.`,
						where,
						...(severity ? { severity } : {}),
						remedies
					}
				];
			}
			const near = piece.media.filter(({ nearWater, friable }) => nearWater || friable);
			if (near.length === 0) return [];
			const most = context.shop.house.waterNear;
			return heldSights(context).flatMap((sight): Case[] => {
				const { image } = sight.piece;
				const away = image ? image.top - sight.hold.size.height : 0;
				if (image && !isBelow(away, most)) return [];
				const says = image
					? `A hinge comes within ${saidFine(context, most)} of ${inList(near.map(({ name }) => name))}.`
					: `Where ${inList(near.map(({ name }) => name))} ends on the sheet is not measured: a hinge may come within ${saidFine(context, most)} of it.`;
				return [{ says: `${which(sight)}${says}`, where: named(sight.number, 'hold.places'), remedies }];
			});
		}
	},
	{
		id: 'hold.no-bond',
		station: 'hold',
		of: 'safety',
		when: 'a water-based adhesive on a back that can’t absorb water: resin-coated and coated photo papers, synthetic paper, film',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'Paste and gummed tape must sink into paper; on plastic they let go and the sheet falls.',
		fixes: 'Pockets or strips, where the overlap hides them; at Show a self-adhesive tissue.',
		find: (context) => {
			const { piece, hold } = context.job;
			if (!piece.noWater || !isWetted(hold.adhesive)) return [];
			const selfAdhesive: Remedy[] =
				context.grade === 'show' && isHinge(hold.kind)
					? [remedy(context, 'Self-adhesive tissue tape', ['hold', 'adhesive'], 'self-adhesive-tissue')]
					: [];
			return [
				{
					says: `${hold.adhesive.name} does not bond to the back of this ${piece.kind === 'photograph' ? 'photograph' : 'sheet'}: it can’t absorb water.`,
					where: 'hold.adhesive',
					remedies: [
						...inFolded(context),
						...selfAdhesive,
						{ label: 'A conservator’s choice', patch: kindPatch(context.file, 'conservator', 'none') }
					]
				}
			];
		}
	}
];

/** Holds without water, for what water harms. */
export function dryHolds(context: Context): Remedy[] {
	const { file, job } = context;
	const lip: Remedy[] =
		job.mats.length === 0 && job.windows.every(({ way }) => way !== 'float')
			? [{ label: 'The frame’s lip', patch: kindPatch(file, 'frame-lip', 'none') }]
			: [];
	return [...inFolded(context), ...lip, { label: 'A conservator’s choice', patch: kindPatch(file, 'conservator', 'none') }];
}

/** It is stuck by heat, or comes off with it. */
function bringsHeat({ id, release }: Context['job']['hold']['adhesive']): boolean {
	return id === 'dry-mount' || /\bheat\b/.test(release);
}

function inList(names: readonly string[]): string {
	return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}
