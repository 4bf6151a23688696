/** What a customer is told when a piece is handed over: where it hangs, how it is kept, carried and looked at (handbook back#care). */
import type { Decided } from '../../job/decided.ts';
import type { Plan } from '../../plan.ts';
import type { Shop } from '../../shop/shop.ts';
import { HANGERS } from '../../stations/hang/kinds/all.ts';
import { showLength, showMass, showSize, type Reader } from '../../units/show.ts';
import { sayYears } from '../../units/spans.ts';
import { travelSays } from '../bench/close-steps.ts';

export type CarePart = { title: string; says: string[] };

export function careOf(job: Decided, plan: Plan, shop: Shop): CarePart[] {
	return [
		{ title: 'Hanging it', says: hangSays(plan, job) },
		{ title: 'Its place', says: placeSays(job, plan) },
		{ title: 'Cleaning', says: CLEANED[job.guard.glazing.family] },
		{ title: 'Carrying it', says: carrySays(job, plan) },
		{ title: 'Looking at it again', says: lookSays(shop) }
	].filter(({ says }) => says.length > 0);
}

const mark = (mm: number, reader: Reader) => `${showLength(mm, reader, 'mark').text} ${reader.unit}`;

function hangSays({ hang, mass }: Plan, { reader, guard, hang: { centreHeight } }: Decided): string[] {
	if (!hang) return [];
	const weighs = mass ? [`It weighs ${showMass(mass.kg, reader)}.`] : [];
	const { own, single } = HANGERS[hang.by];
	const [first] = hang.hooks;
	if (!first) return [...weighs, 'It stands on its leg, on a level place.'];
	const centre = `for a centre ${mark(centreHeight, reader)} high`;
	const places = own
		? ['The sheet of measures that goes with it says where each screw goes.']
		: hang.hooks.length === 1
			? [
					`${single ? 'One nail' : 'One hook, its nail'} on the centre line, ${mark(first.height, reader)} above the floor ${centre}.`
				]
			: [
					`Two hooks, their nails ${mark(2 * Math.abs(first.x), reader)} apart and ${mark(first.height, reader)} above the floor ${centre}. Both bear: it then stays level.`
				];
	return [
		...weighs,
		...places,
		...(guard.glazing.family === 'none' ? [] : ['Never by adhesive strips: they let go without a sign.']),
		'Look for cables and pipes before drilling; local codes and a licensed installer go before this sheet, above all over beds and in public rooms.'
	];
}

function placeSays({ piece }: Decided, { light }: Plan): string[] {
	const years = light?.years;
	return [
		'Not over a radiator or a fireplace, not in the sun, not in a kitchen or a bathroom; on an outside wall only with air behind it.',
		...(years === null || years === undefined
			? []
			: [
					`At the place that was named it has about ${sayYears(years)} until a first fade can be seen: an estimate. Half the light is twice the time.`
				]),
		...(piece.kind === 'vellum' || piece.kind === 'panel'
			? ['It moves with the damp of the room: even air, winter and summer, keeps it whole.']
			: [])
	];
}

const GLASS = [
	'A soft lint-free cloth, hardly damp, with a cleaner without ammonia: sprayed on the cloth, never on the glass, where it would run behind the frame.'
];

const CLEANED: Record<Decided['guard']['glazing']['family'], string[]> = {
	glass: GLASS,
	laminated: GLASS,
	acrylic: [
		'A soft clean cloth, hardly damp: never dry, no paper towel, no ammonia, no alcohol. Dust is lifted off, not rubbed in; acrylic scratches.'
	],
	none: ['It has no glazing: its face is not touched, wiped or sprayed. Dust is for the framer or a conservator.']
};

function carrySays(job: Decided, plan: Plan): string[] {
	const pouch = plan.back?.pouch;
	return [
		...(pouch
			? [`Wrapped in a pouch of ${showSize(pouch, job.reader, 'mark')} ${job.reader.unit} or more, its corners guarded.`]
			: []),
		...travelSays({ job, plan })
	];
}

function lookSays({ house }: Shop): string[] {
	return [
		'Bring it back when the sheet has slipped, waves, or touches the glazing; when there are spots, insects, or mist inside; when a hanger is loose.',
		`Otherwise let a framer open it and look at it in ${house.lookAgainYears} years: it was sealed, and opens in an order.`
	];
}
