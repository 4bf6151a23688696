/** Rules about where a hold comes, which edges it fixes, and whether it shows. */
import type { Case, Context, Remedy, Rule } from '../findings/rule.ts';
import { remedy, said } from '../findings/change.ts';
import { isHinge } from '../job/decide-hold.ts';
import type { Zone } from '../job/decide-piece.ts';
import { drop, put } from '../job/patch.ts';
import { named, which } from '../sights.ts';
import { contactsOf, touches, type Contact } from './contacts.ts';
import { hiddenLeg, pocketLeg } from './corners.ts';
import { clearPlaces } from './clear-places.ts';
import { heldSights, type Held } from './held.ts';
import { heldShort } from './hold.ts';
import { topHold } from './hinges.ts';
import { inFolded, kindPatch } from './other-kinds.ts';
import { hiddenReach } from './strips.ts';

const WORDS: Record<Contact['what'], string> = {
	hinge: 'A hinge',
	pocket: 'A corner pocket',
	strip: 'An edge strip',
	point: 'An edge point'
};

export const placeRules: Rule[] = [
	{
		id: 'hold.keep-off',
		station: 'hold',
		when: 'a hinge, a pocket, a strip or an edge point falls on a zone that must not be touched',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'What lies there must not meet moisture or pull.',
		mends: 'The hinge moved along the edge until it clears the zone; else another count, whose places miss it.',
		find: (context) =>
			heldSights(context).flatMap((sight) => {
				const contacts = contactsOf(sight);
				return keepOffs(sight).flatMap((zone): Case[] => {
					const contact = contacts.find((one) => touches(one, zone));
					if (!contact) return [];
					return [
						{
							says: `${which(sight)}${WORDS[contact.what]} falls on “${zone.id}”.`,
							where: named(sight.number, 'hold.places'),
							remedies: isHinge(sight.hold.kind) ? [...movedOff(context, sight), ...otherCount(context)] : []
						}
					];
				});
			})
	},
	{
		id: 'hold.too-much',
		station: 'hold',
		when: 'adhesive holds on more than one side, one strip of it along a whole edge, a single tab on a sheet that would turn on it (over 200 mm), or pockets, strips and slings that leave less slack than the sheet moves',
		severity: { rare: 'stop', keep: 'stop', show: 'caution' },
		why: 'A sheet that can’t grow bulges toward the glazing or tears; on a single tab it turns.',
		mends: 'Held at the top edge alone, by two hinges or more; pockets and strips cut to leave the sheet its movement.',
		school: 'fixed-edges',
		find: (context) => heldSights(context).flatMap((sight) => tooMuch(context, sight))
	},
	{
		id: 'hold.corner-shows',
		station: 'hold',
		when: 'a pocket or a strip reaches past the overlap, or the overlap leaves a pocket less than 12 mm, a strip less than 3',
		severity: { rare: 'stop', keep: 'stop', show: 'stop' },
		why: 'What shows spoils the window, and what is too short carries nothing.',
		mends: 'Pockets or strips as long as the overlap hides, else hinges.',
		find: (context) =>
			heldSights(context).flatMap((sight) =>
				sight.hold.kind === 'corners' ? cornerCase(context, sight) : stripCases(context, sight)
			)
	}
];

function keepOffs({ piece }: Held): Zone[] {
	return piece.zones.filter((zone) => zone.kind === 'keep-off');
}

/** Each hinge that lies on a zone goes to the nearest place beside it. */
function movedOff(context: Context, sight: Held): Remedy[] {
	if (sight.number !== null || sight.hold.others) return [];
	const places = clearPlaces(sight, context.job.step);
	if (!places) return [];
	const moved = sight.hold.places.filter((place, index) => Math.abs(place - places[index]!) > 1e-6).length;
	return [
		{
			label: moved === 1 ? 'Move that hinge beside it' : `Move ${moved} hinges beside it`,
			patch: [...drop(context.file, ['hold', 'count']), ...put(context.file, ['hold', 'places'], places)]
		}
	];
}

/** The first other count whose places miss every keep-off zone, on every sheet. */
function otherCount(context: Context): Remedy[] {
	const sights = heldSights(context);
	for (const count of [2, 3, 4, 5, 6, 7, 8]) {
		const clear = sights.every((sight) => {
			const { hold, measure } = sight;
			const span = measure.mean.width - 2 * hold.inset;
			const places = Array.from({ length: count }, (_, index) => hold.inset + (span * index) / (count - 1));
			return contactsOf({ ...sight, hold: { ...hold, places } }).every((contact) =>
				keepOffs(sight).every((zone) => !touches(contact, zone))
			);
		});
		if (!clear) continue;
		return [
			{
				label: `${count} hinges`,
				patch: [...drop(context.file, ['hold', 'places']), ...put(context.file, ['hold', 'count'], count)]
			}
		];
	}
	return [];
}

function tooMuch(context: Context, sight: Held): Case[] {
	return isHinge(sight.hold.kind) ? tooMuchAdhesive(context, sight) : tooLittleSlack(context, sight);
}

/** What a sheet would do that can't grow. */
function bulges(context: Context, { hold }: Held): string {
	const most = Math.max(0, ...Object.values(hold.bulge ?? {}));
	return most > 0 ? ` In damp it would bulge by some ${said(context, most)}.` : '';
}

function tooMuchAdhesive(context: Context, sight: Held): Case[] {
	const { hold, measure } = sight;
	const where = named(sight.number, 'hold.count');
	const school = (id: string, safer: string, label: string) => [remedy(context, label, ['schools', id], safer)];
	const held = hold.others?.length ?? 0;
	if (held > 1)
		return [
			{
				says: `${which(sight)}Adhesive holds the sheet on all four sides.${bulges(context, sight)}`,
				where,
				remedies: school('fixed-edges', 'top', 'Held at the top edge alone')
			}
		];
	if (held === 1)
		return [
			{
				says: `${which(sight)}Adhesive holds the sheet at its foot too; look again in two years.${bulges(context, sight)}`,
				where,
				severity: 'caution',
				remedies: school('big-prints', 'top', 'Held at the top edge alone')
			}
		];
	if (topHold(context.job, measure, context.shop.house) === 'strip')
		return [
			{
				says: `${which(sight)}One strip of adhesive runs along the whole top edge.`,
				where,
				remedies: school('top-hold', 'tabs', 'Tabs with room between them')
			}
		];
	const longest = Math.max(measure.mean.width, measure.mean.height);
	if (hold.places.length > 1 || longest <= context.shop.house.oneTabUpTo) return [];
	return [
		{
			says: `${which(sight)}One hinge on a sheet ${said(context, measure.mean.width, true)} wide.`,
			where,
			severity: context.grade === 'show' ? 'note' : 'caution',
			remedies: [
				{
					label: 'Two hinges',
					patch: [...drop(context.file, ['hold', 'places']), ...put(context.file, ['hold', 'count'], 2)]
				}
			]
		}
	];
}

function tooLittleSlack(context: Context, sight: Held): Case[] {
	const { hold, movement } = sight;
	if (!hold.slack) return [];
	const short = heldShort(hold, movement);
	return (['width', 'height'] as const)
		.filter((axis) => short[axis] !== undefined)
		.map((axis) => ({
			says: `${which(sight)}${said(context, hold.slack![axis], true)} of slack ${axis === 'width' ? 'across' : 'down'}; the sheet moves by ${said(context, movement[axis], true)}.`,
			where: named(sight.number, `hold.slack.${axis}`),
			remedies: [{ label: 'As much slack as it moves', patch: drop(context.file, ['hold', 'slack']) }]
		}));
}

function hinges(context: Context): Remedy {
	return { label: 'Hinges', patch: kindPatch(context.file, 't-hinge', 'starch-paste') };
}

function cornerCase(context: Context, sight: Held): Case[] {
	const { house } = context.shop;
	const leg = sight.hold.size.width;
	const hidden = hiddenLeg(sight.opening, sight.choice.shape, sight.measure.mean);
	const where = named(sight.number, 'hold.size');
	const strips = inFolded(context).filter(({ label }) => label === 'Edge strips');
	if (leg > hidden + 1e-9) {
		const fits = pocketLeg(sight.opening, sight.choice.shape, sight.measure.mean, house) >= house.pocketLeast;
		const shorter = { label: 'Pockets as long as the overlap hides', patch: drop(context.file, ['hold', 'width']) };
		return [
			{
				says: `${which(sight)}A corner pocket of ${said(context, leg, true)} shows: the overlaps hide ${said(context, hidden, true)}.`,
				where,
				remedies: fits && context.file.hold?.width !== undefined ? [shorter] : [...strips, hinges(context)]
			}
		];
	}
	if (leg >= house.pocketLeast - 1e-9) return [];
	return [
		{
			says: `${which(sight)}A corner pocket of ${said(context, leg, true)} carries nothing.`,
			where,
			remedies: [...strips, hinges(context)]
		}
	];
}

function stripCases(context: Context, sight: Held): Case[] {
	const { house } = context.shop;
	return (sight.hold.strips ?? []).flatMap(({ side, reach }, index): Case[] => {
		const hidden = hiddenReach(sight.opening, side, house);
		const where = named(sight.number, `hold.strips[${index}].reach`);
		const word = side === 'bottom' ? 'at the foot' : `at the ${side}`;
		if (reach > hidden + 1e-9) {
			const shorter = { label: 'Strips as long as the overlap hides', patch: drop(context.file, ['hold', 'contact']) };
			return [
				{
					says: `${which(sight)}A strip of ${said(context, reach, true)} ${word} shows: the overlap hides ${said(context, hidden, true)}.`,
					where,
					remedies: context.file.hold?.contact !== undefined && hidden >= house.stripLeast ? [shorter] : [hinges(context)]
				}
			];
		}
		if (reach >= house.stripLeast - 1e-9) return [];
		return [
			{
				says: `${which(sight)}A strip of ${said(context, reach, true)} ${word} carries nothing.`,
				where,
				remedies: [hinges(context)]
			}
		];
	});
}
