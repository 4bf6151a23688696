import type { Case, Context, Remedy, Rule } from '../findings/rule.ts';
import { remedy, said } from '../findings/change.ts';
import { drop, put } from '../job/patch.ts';
import { hiddenLeg, pocketLeg } from './corners.ts';
import { reaches } from '../shop/grades.ts';
import { showNumber } from '../units/show.ts';
import type { Zone } from '../job/decide-piece.ts';
import { named, sightsOf, which, type Sight } from '../sights.ts';
import type { Hold } from './hold.ts';

export const holdRules: Rule[] = [
	{
		id: 'hold.tape-on-piece',
		station: 'hold',
		when: 'hardware-shop, brown gummed or transfer tape on the piece',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'It stains, eats in and does not come off again.',
		mends: 'Wheat-starch paste and tissue.',
		find: (context) => (context.job.hold.adhesive.family === 'hardware' ? [adhesiveCase(context, 'touches the piece')] : [])
	},
	{
		id: 'hold.adhesive-irreversible',
		station: 'hold',
		when: 'whole-surface or unremovable adhesive',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'What is stuck down whole cannot be taken off again.',
		mends: 'Wheat-starch paste and tissue.',
		school: 'cockle',
		find: (context) => {
			if (context.job.hold.adhesive.family !== 'whole-surface') return [];
			const found = adhesiveCase(context, 'cannot be taken off again');
			return [context.grade === 'show' && context.job.piece.replaceable ? { ...found, severity: 'caution' } : found];
		}
	},
	{
		id: 'hold.grade',
		station: 'hold',
		when: 'an adhesive whose table does not reach the grade',
		severity: { rare: 'stop', keep: 'stop' },
		why: 'The hold must come off as gently as the grade asks, years later.',
		mends: 'Wheat-starch paste and tissue.',
		school: 'adhesive',
		find: (context) => {
			const { adhesive } = context.job.hold;
			if (adhesive.family === 'hardware' || adhesive.family === 'whole-surface' || reaches(adhesive.sheet, context.grade))
				return [];
			return [adhesiveCase(context, `releases by ${adhesive.release}: below this grade`)];
		}
	},
	{
		id: 'hold.load',
		station: 'hold',
		when: 'the load on a hinge is above its long-term working value',
		severity: { rare: 'stop', keep: 'caution', show: 'caution' },
		why: 'An overloaded hinge creeps and lets the sheet fall.',
		mends: 'More hinges.',
		find: (context) => {
			return heldSights(context).flatMap((sight) => {
				const { hold } = sight;
				if (hold.loadKPa <= hold.workingKPa) return [];
				const count = Math.ceil(hold.count * (hold.loadKPa / hold.workingKPa));
				return [
					{
						says: `${which(sight)}Each hinge carries ${showNumber(hold.loadKPa)} kPa; ${showNumber(hold.workingKPa)} is its working value.`,
						where: named(sight.number, 'hold.loadKPa'),
						remedies: count <= 50 ? [remedy(context, `${count} hinges`, ['hold', 'count'], count)] : []
					}
				];
			});
		}
	},
	{
		id: 'hold.stronger-than-sheet',
		station: 'hold',
		when: 'a hinge tissue heavier than half the sheet’s weight, or tape on paper under 90 g/m²',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'The hinge shall tear before the sheet does.',
		find: (context) => {
			const { adhesive } = context.job.hold;
			const { grammage } = context.job.piece;
			if (adhesive.family === 'paste') {
				return heldSights(context)
					.filter(({ hold }) => hold.tissue === null)
					.map((sight) => ({
						says: `${which(sight)}No tissue is light enough for a sheet of ${showNumber(sight.piece.grammage)} g/m²; corners or strips hold it better.`,
						where: named(sight.number, 'hold.tissue')
					}));
			}
			return grammage < 90 && ['gummed', 'self-adhesive', 'hardware'].includes(adhesive.family)
				? [adhesiveCase(context, `is stronger than paper of ${showNumber(grammage)} g/m²`)]
				: [];
		}
	},
	{
		id: 'hold.keep-off',
		station: 'hold',
		when: 'a hinge or a corner pocket falls on a zone that must not be touched',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'What lies there must not meet moisture or pull.',
		mends: 'Another count, whose places miss the zone.',
		find: (context) => {
			return heldSights(context).flatMap((sight) =>
				keepOffs(sight)
					.filter((zone) => isHeldOn(sight, zone))
					.map((zone) => ({
						says: `${which(sight)}A ${sight.hold.kind === 'corners' ? 'corner pocket' : 'hinge'} falls on “${zone.id}”.`,
						where: named(sight.number, 'hold.places'),
						remedies: sight.hold.kind === 'corners' ? [] : clearOf(context)
					}))
			);
		}
	},
	{
		id: 'hold.too-much',
		station: 'hold',
		when: 'a single adhesive tab on a sheet that would turn on it (both sides over 200 mm ask for two)',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'One tab carries everything and the sheet turns on it.',
		mends: 'Two hinges.',
		school: 'hinge-count',
		find: (context) => {
			return heldSights(context)
				.filter(({ hold, measure }) => hold.count === 1 && Math.max(measure.mean.width, measure.mean.height) > 200)
				.map((sight) => ({
					says: `${which(sight)}One hinge on a sheet ${said(context, sight.measure.mean.width, true)} wide.`,
					where: named(sight.number, 'hold.count'),
					remedies: [remedy(context, 'Two hinges', ['hold', 'count'], 2)]
				}));
		}
	},
	{
		id: 'hold.to-mat',
		station: 'hold',
		when: 'the sheet hangs from the window mat instead of the under-mat',
		severity: { rare: 'stop', keep: 'caution', show: 'note' },
		why: 'The window could not be changed without touching the piece.',
		mends: 'Hang it from the under-mat.',
		school: 'hang-from',
		find: (context) =>
			context.job.schools['hang-from'] === 'window-mat'
				? [
						{
							says: 'The sheet hangs from the window mat.',
							where: 'schools.hang-from',
							remedies: [remedy(context, 'Hang it from the under-mat', ['schools', 'hang-from'], 'under-mat')]
						}
					]
				: []
	},
	{
		id: 'hold.both-sides',
		station: 'hold',
		when: 'a sheet worked on both sides is hinged',
		severity: { rare: 'caution', keep: 'caution', show: 'note' },
		why: 'A hinge lies on the work at its back; corners, strips or a window on both sides leave it clear.',
		mends: 'Corner pockets, where the window hides ones that carry.',
		find: (context) => {
			const { job, plan } = context;
			return job.piece.bothSides && plan.hold && job.hold.kind !== 'corners'
				? [
						{
							says: 'The sheet is worked on both sides, and hinges lie on its back.',
							where: 'piece.bothSides',
							remedies: inPockets(context)
						}
					]
				: [];
		}
	},
	{
		id: 'hold.corner-shows',
		station: 'hold',
		when: 'a corner pocket reaches past the overlap, or the overlaps leave it less than 12 mm',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'A pocket that shows spoils the window, and a short one carries nothing.',
		mends: 'Pockets as long as the overlap hides, else hinges.',
		find: (context) =>
			heldSights(context)
				.filter(({ hold }) => hold.kind === 'corners')
				.flatMap((sight) => cornerCase(context, sight))
	}
];

type Held = Sight & { hold: Hold };

function heldSights({ job, plan }: Context): Held[] {
	return sightsOf(job, plan).filter((sight): sight is Held => sight.hold !== undefined);
}

function keepOffs({ piece }: Sight): Zone[] {
	return piece.zones.filter((zone) => zone.kind === 'keep-off');
}

function adhesiveCase(context: Context, says: string): Case {
	return {
		says: `${context.job.hold.adhesive.name} ${says}.`,
		where: 'hold.adhesive',
		remedies: [remedy(context, 'Wheat-starch paste and tissue', ['hold', 'adhesive'], 'starch-paste')]
	};
}

/** Pockets instead, where the window hides ones that carry. */
function inPockets(context: Context): Remedy[] {
	const { house } = context.shop;
	const carry = sightsOf(context.job, context.plan).every(
		({ opening, choice, measure }) => pocketLeg(opening, choice.shape, measure.mean, house) >= house.pocketLeast
	);
	if (!carry) return [];
	const { file } = context;
	const out = [...drop(file, ['hold', 'count']), ...drop(file, ['hold', 'width'])];
	return [
		{
			label: 'Corner pockets',
			patch: [...out, ...put(file, ['hold', 'kind'], 'corners'), ...put(file, ['hold', 'adhesive'], 'none')]
		}
	];
}

function cornerCase(context: Context, sight: Held): Case[] {
	const { house } = context.shop;
	const leg = sight.hold.size.width;
	const hidden = hiddenLeg(sight.opening, sight.choice.shape, sight.measure.mean);
	const where = named(sight.number, 'hold.size');
	const hinges = {
		label: 'Hinges',
		patch: [...put(context.file, ['hold', 'kind'], 't-hinge'), ...put(context.file, ['hold', 'adhesive'], 'starch-paste')]
	};
	if (leg > hidden + 1e-9) {
		const fits = pocketLeg(sight.opening, sight.choice.shape, sight.measure.mean, house) >= house.pocketLeast;
		const shorter = { label: 'Pockets as long as the overlap hides', patch: drop(context.file, ['hold', 'width']) };
		return [
			{
				says: `${which(sight)}A corner pocket of ${said(context, leg, true)} shows: the overlaps hide ${said(context, hidden, true)}.`,
				where,
				remedies: fits && context.file.hold?.width !== undefined ? [shorter] : [hinges]
			}
		];
	}
	if (leg >= house.pocketLeast - 1e-9) return [];
	return [
		{
			says: `${which(sight)}A corner pocket of ${said(context, leg, true)} carries nothing.`,
			where,
			remedies: [hinges]
		}
	];
}

/** A pocket covers the triangle whose legs lie on the two edges. */
function isHeldOn(sight: Held, zone: Zone): boolean {
	const { hold, measure } = sight;
	if (hold.kind !== 'corners') return hold.places.some((place) => touchesZone(place, hold.size, zone));
	const { width, height } = measure.mean;
	const across = Math.min(zone.left, width - zone.left - zone.width);
	const down = Math.min(zone.top, height - zone.top - zone.height);
	return Math.max(0, across) + Math.max(0, down) < hold.size.width;
}

type Box = { left: number; top: number; width: number; height: number };

function touchesZone(place: number, size: { width: number; height: number }, zone: Box): boolean {
	return zone.top < size.height && place + size.width / 2 > zone.left && place - size.width / 2 < zone.left + zone.width;
}

/** The first other count whose places miss every keep-off zone, on every sheet. */
function clearOf(context: Context) {
	for (const count of [2, 3, 4, 5, 6, 7, 8]) {
		const clear = heldSights(context).every((sight) => {
			const { hold, measure } = sight;
			const span = measure.mean.width - 2 * hold.inset;
			const places = Array.from({ length: count }, (_, index) => hold.inset + (span * index) / (count - 1));
			return places.every((place) => keepOffs(sight).every((zone) => !touchesZone(place, hold.size, zone)));
		});
		if (clear) return [remedy(context, `${count} hinges`, ['hold', 'count'], count)];
	}
	return [];
}
