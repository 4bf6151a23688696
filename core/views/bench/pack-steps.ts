/** Steps that close the pack: clean glazing, dust, the layers behind, the edge seal; and centring it in its frame. */
import { inSentence } from '../../units/in-sentence.ts';
import type { MadeStep, Writer } from '../../stations/step.ts';
import { layerName } from '../../stations/guard/layers/all.ts';
import { staysFaceUp } from '../../stations/hold/as-laid.ts';
import { there } from '../../units/there.ts';

export function cleanGlazing({ job }: Writer): MadeStep | null {
	const { glazing } = job.guard;
	if (glazing.family === 'none') return null;
	const acrylic = glazing.family === 'acrylic';
	const both = job.schools.cleaning === 'both-first';
	if (job.kept.glazing) return cleanKept(glazing.name, acrylic, there(job.schools['ready-glass'], 'ready glass') === 'in-place');
	const wiped =
		job.schools['wiping'] === 'paper-towel' && !acrylic
			? 'Household cleaner, sprayed on the paper towel, never near the piece'
			: 'Cleaner without ammonia, sprayed on a lint-free cloth, never near the piece';
	return {
		id: 'clean-glazing',
		title: 'Clean the glazing',
		does: [
			acrylic
				? 'Peel the inner film only now; wipe with acrylic’s own cleaner, never a paper towel.'
				: `${wiped}; ${job.schools['drying'] === 'air' ? 'left to dry' : 'polished dry'}.`,
			both
				? `Both faces first${acrylic ? ', the outer film off too' : ''}, looked at by raking light.`
				: `The inner face first, looked at by raking light; the outer face${acrylic ? ', its film off,' : ''} when the pack is closed.`,
			...(glazing.id.startsWith('uv-glass') ? ['The coated face lies inside: wipe it gently, no blade.'] : [])
		],
		because: 'A mount that waits collects dust, so the glazing is cleaned last.',
		uses: []
	};
}

/** A pane that stays has no film, and years of dust on its inner face. */
function cleanKept(name: string, acrylic: boolean, inPlace: boolean): MadeStep {
	return {
		id: 'clean-glazing',
		title: `Clean the glazing that stays, ${inSentence(name)}`,
		does: [
			acrylic
				? 'Acrylic’s own cleaner, never a paper towel: a scratch stays.'
				: 'Cleaner without ammonia, sprayed on a lint-free cloth; a mark that does not come off outside lies inside.',
			inPlace
				? 'In its place, the frame tilted so that lint runs to one corner, the piece elsewhere; then look by raking light: no chip, no crack.'
				: 'Both faces, edges too; then look by raking light: no chip, no crack, no coating that comes off.'
		],
		because: 'What is on its inner face lies a few millimetres before the piece.',
		...(acrylic ? {} : { caution: 'Old glass: cut-resistant gloves, carried on edge; a chipped lite is replaced.' }),
		uses: []
	};
}

export function dustFirst({ job }: Writer): MadeStep {
	const blow =
		{
			bulb: 'Blow with a bulb',
			compressor: 'Blow with filtered air at low pressure',
			canned: 'Blow with canned air held upright'
		}[there(job.schools.dust, 'dust')] ?? 'Blow with a bulb';
	const glazed = job.guard.glazing.family !== 'none';
	return {
		id: 'dust-first',
		title: 'Dust check, first',
		does: !glazed
			? [
					`No glazing over it: lift lint off the face with a soft brush, in low-angle light${job.piece.friable ? '; nothing where it sheds' : ''}. No tapping, nothing wiped.`
				]
			: job.piece.friable
				? ['Check in low-angle light; lift lint off with a soft brush tip. No tapping or blowing: it is friable.']
				: [`${blow} or brush, tap, check in low-angle light. Repeat until clean: one to five times is usual.`],
		...(job.schools.dust === 'canned' && glazed && !job.piece.friable
			? { caution: 'Canned air can spit liquid: hold it upright, never toward a friable piece or anyone’s face.' }
			: {}),
		uses: []
	};
}

/** A float without an under-mat was fixed to its backing: that is behind it already. */
function isFloatsBase({ windows, guard }: Writer['job']): boolean {
	const { underMat, fillers, barrier } = guard;
	return windows.some(({ way }) => way === 'float') && !underMat && !barrier && fillers.length === 0;
}

/** What lies in front of the piece, spacers with it, and what is loaded behind it. */
export function closePack(writer: Writer): MadeStep | null {
	const { job, plan, shop } = writer;
	const { glazing, underMat, spacer } = job.guard;
	const layers = there(plan.pack, 'pack').layers.filter(
		({ role }) => ['filler', 'barrier', 'backing'].includes(role) && !(role === 'backing' && isFloatsBase(job))
	);
	const glazed = glazing.family !== 'none';
	const behind = layers.map((layer) => {
		const name = inSentence(layerName(layer, job, shop));
		const stacked = layer.made ? layer.made.reduce((sum, one) => sum + one.layers, 0) : 1;
		return stacked > 1 ? `${name} in ${stacked} layers` : name;
	});
	const onTop = glazed
		? [spacer ? 'Spacers along the edges, the glazing on them.' : 'The glazing is laid on.']
		: spacer
			? ['Spacers along the edges.']
			: [];
	const taped =
		job.schools['backing-join'] === 'transfer' && underMat && job.guard.backing
			? ['Transfer tape between under-mat and backing, at the outer edge.']
			: [];
	if (onTop.length + behind.length === 0) return null;
	return {
		id: 'close-pack',
		title: 'Close the pack',
		does: [
			...onTop,
			...(behind.length > 0
				? [
						`Behind the ${writer.piece}: ${behind.join(', then ')}${job.hang.by === 'tag' ? ', its bent tag up and outside' : ''}.`
					]
				: []),
			...taped,
			'All edges flush; look at it once more.'
		],
		because: 'Once it is closed, what is inside is out of reach.',
		uses: writer.parts('under-mat', 'filler', 'barrier', 'backing', 'spacer', 'mat')
	};
}

export function edgeSeal(writer: Writer): MadeStep | null {
	const seal = there(writer.plan.back, 'back').edgeSeal;
	if (!seal) return null;
	const { edgeSealOnBack } = writer.shop.house;
	const { sealOnFace } = writer.job.guard;
	const glazed = writer.job.guard.glazing.family !== 'none';
	return {
		id: 'edge-seal',
		title: `Edge seal, ${inSentence(there(writer.job.guard.edgeSeal, 'edge seal').name)}`,
		does: [
			`${writer.cut(seal.stock)} wide, ${writer.cut(seal.length)} with what is spare: ${writer.mark(sealOnFace)} over the ${glazed ? 'glazing’s' : 'front'} face, round the edge, at least ${writer.mark(edgeSealOnBack)} onto the back.`
		],
		because: 'Before the pack enters the frame; the tape must hide under the lip.',
		uses: writer.parts('edge seal')
	};
}

/** Before the pack is turned: once its face is hidden nobody can tell. */
export function markUp({ job, piece }: Writer): MadeStep {
	const on = job.guard.backing ? 'backing' : job.guard.underMat ? 'under-mat' : `${piece}’s back`;
	return {
		id: 'mark-up',
		title: 'Mark which way is up',
		does: [
			`Look at the ${piece} from the front. ${staysFaceUp(job) ? 'Stand the pack on edge, its top up, never face down: an arrow' : 'An arrow'} in pencil on the ${on}, in the middle of its top edge, pointing up${job.hang.turns ? '; it hangs turned too: a second, smaller arrow to the side that is then up' : ''}.`
		],
		because: 'Turned over, nobody can tell; the hangers are measured from this mark.',
		uses: []
	};
}

export function centre(writer: Writer): MadeStep | null {
	const { plan, job } = writer;
	const seen = there(plan.window, 'window').mats[0]?.seen;
	if (!seen) return null;
	const targets = `left ${writer.mark(seen.left)}, right ${writer.mark(seen.right)}, top ${writer.mark(seen.top)}, bottom ${writer.mark(seen.bottom)}`;
	return {
		id: 'centre',
		title: 'Centre the pack',
		does: [
			job.schools.centring === 'by-eye'
				? `By eye against a straight rail, from the front; planned: ${targets}.`
				: `From the front, read the seen border near both ends of each side; planned: ${targets}.`,
			writer.metal
				? 'A channel takes no blade: take the clips out of two sides, loosen the closing rail’s screws, push the pack by its edge or lift it on a card; close again.'
				: 'Shift it with a flat blade, read again, lock it.',
			'Look at the image once more.'
		],
		uses: []
	};
}
