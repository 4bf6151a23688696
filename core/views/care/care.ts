/** What a customer is told when a piece is handed over: where it hangs, how it is kept, carried and looked at (handbook back#care). */
import type { Decided } from '../../job/decided.ts';
import type { Plan } from '../../plan.ts';
import { covers, SCOPE_OF } from '../../job/scopes.ts';
import { isFugitive } from '../../shop/fade.ts';
import type { House } from '../../shop/house.ts';
import type { Shop } from '../../shop/shop.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { showLength, showMass, showSize, type Reader } from '../../units/show.ts';
import { sayYears } from '../../units/spans.ts';
import { isSealed, lookAgain } from './look-again.ts';
import { travelSays } from '../bench/close-steps.ts';

export type CarePart = { title: string; says: string[] };

export function careOf(job: Decided, plan: Plan, shop: Shop): CarePart[] {
	return [
		{ title: 'Hanging it', says: hangSays(plan, job) },
		{ title: 'Where to hang it', says: frames(job) ? placeSays(job, plan, shop) : [] },
		// Of what closes a frame that stays closed, nobody here knows anything.
		{ title: 'Cleaning', says: SCOPE_OF[job.scope].pack ? CLEANED[job.guard.glazing.family] : [] },
		{ title: 'Carrying it', says: carrySays(job, plan) },
		{ title: 'When to check it', says: lookSays(job, plan, shop) }
	].filter(({ says }) => says.length > 0);
}

/** It goes to a wall in its frame. */
const frames = ({ scope }: Decided): boolean => SCOPE_OF[scope].pack || covers(scope, 'back') || covers(scope, 'wall');

const mark = (mm: number, reader: Reader) => `${showLength(mm, reader, 'mark').text} ${reader.unit}`;

function hangSays({ hang, mass }: Plan, { reader, guard, hang: { centreHeight } }: Decided): string[] {
	if (!hang) return [];
	const weighs = mass ? [`It weighs ${showMass(mass.kg, reader)}.`] : [];
	const { own, single } = HANGERS[hang.by];
	const [first] = hang.hooks;
	if (!first) return [...weighs, 'Stand it on its leg on a level surface.'];
	const centre = `for a centre ${mark(centreHeight, reader)} high`;
	const places = own
		? ['The size sheet supplied shows where each screw goes.']
		: hang.hooks.length === 1
			? [
					`${single ? 'One nail' : 'One hook, its nail'} on the centre line, ${mark(first.height, reader)} above the floor ${centre}.`
				]
			: [
					`Two hooks, their nails ${mark(2 * Math.abs(first.x), reader)} apart and ${mark(first.height, reader)} above the floor ${centre}. Use both, and it stays level.`
				];
	return [
		...weighs,
		...places,
		...(guard.glazing.family === 'none' ? [] : ['Never use adhesive strips: they let go without warning.']),
		'Check for cables and pipes before drilling; local codes and a licensed installer overrule this sheet, above all over beds and in public rooms.'
	];
}

function placeSays({ piece }: Decided, { light, findings }: Plan, { house }: Shop): string[] {
	const years = light?.years;
	const ofPlace = findings.filter(({ of, severity }) => of === 'place' && severity !== 'note');
	return [
		...lightSays(piece, house),
		...(ofPlace.some(({ severity }) => severity === 'stop') ? ['Do not hang it in the place you named.'] : []),
		...ofPlace.map(({ says }) => says),
		'Not over a radiator or a fireplace, not in the sun, not in a kitchen or a bathroom; on an outside wall only with a gap behind it.',
		...(years === null || years === undefined
			? []
			: [`In the place you named, first fading shows after about ${sayYears(years)}: an estimate. Half the light doubles it.`]),
		...(piece.kind === 'vellum' || piece.kind === 'panel'
			? ['It moves with humidity: keep the room steady, winter and summer.']
			: [])
	];
}

/** How much light it bears, and what its place asks. */
function lightSays({ fade }: Decided['piece'], { luxFugitive, luxFast }: House): string[] {
	if (fade === null) return [];
	return [`At most ${isFugitive(fade) ? luxFugitive : luxFast} lux at the picture; less light, or fewer hours, keeps it longer.`];
}

const GLASS = [
	'A soft lint-free cloth, barely damp, with ammonia-free cleaner: spray the cloth, never the glass, or it runs behind the frame.'
];

const CLEANED: Record<Decided['guard']['glazing']['family'], string[]> = {
	glass: GLASS,
	laminated: GLASS,
	acrylic: [
		'A soft clean cloth, barely damp, never a dry one; no paper towel, ammonia or alcohol. Lift dust off, do not rub: acrylic scratches.'
	],
	none: ['It has no glazing: do not touch, wipe or spray its face. Leave dust to the framer or a conservator.']
};

function carrySays(job: Decided, plan: Plan): string[] {
	const pouch = plan.back?.pouch;
	return [
		...(pouch
			? [`Wrap it in a pouch of ${showSize(pouch, job.reader, 'mark')} ${job.reader.unit} or more, corners guarded.`]
			: []),
		...travelSays({ job, plan }),
		...(job.piece.friable && SCOPE_OF[job.scope].window
			? ['Its drawing is loose: no knocks or slammed doors, carry it upright, never lay it on its face.']
			: [])
	];
}

function lookSays(job: Decided, plan: Plan, { house }: Shop): string[] {
	const again = lookAgain(job, plan, house);
	const hung = plan.hang ? 'if a hanger is loose' : '';
	const inside = SCOPE_OF[job.scope].pack
		? ['if the piece slips, waves or touches the glazing', 'if there are spots, insects or mist inside']
		: plan.hold
			? ['if it slips or waves', 'if there are spots or insects']
			: covers(job.scope, 'back')
				? ['if its back has opened']
				: [];
	const signs = [...inside, hung].filter(Boolean);
	const order = isSealed(plan) ? ': it is sealed and opens in a set order' : '';
	return [
		...(signs.length > 0 ? [`Bring it back ${signs.join('; ')}.`] : []),
		...(again
			? [
					again.years === null
						? `Otherwise have a framer open and check it when it changes hands${order}.`
						: `Otherwise have a framer open and check it in ${again.years} ${again.years === 1 ? 'year' : 'years'}${order}.`
				]
			: [])
	];
}
