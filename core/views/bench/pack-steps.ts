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
			? 'Use household cleaner on paper towel, never sprayed near the piece'
			: 'Use ammonia-free cleaner on a lint-free cloth, never sprayed near the piece';
	return {
		id: 'clean-glazing',
		title: 'Clean the glazing',
		does: [
			acrylic
				? 'Peel the inner film only now; wipe with acrylic cleaner, never a paper towel.'
				: `${wiped}; ${job.schools['drying'] === 'air' ? 'let it dry' : 'polish dry'}.`,
			both
				? `Clean both faces first${acrylic ? ', the outer film off too' : ''}, and check in raking light.`
				: `Clean the inner face first and check in raking light; the outer face${acrylic ? ', its film off,' : ''} when the pack is closed.`,
			...(glazing.id.startsWith('uv-glass') ? ['Coated face inward: wipe it gently, no blade.'] : [])
		],
		because: 'An open pack collects dust, so clean the glazing last.',
		uses: []
	};
}

/** A pane that stays has no film, and years of dust on its inner face. */
function cleanKept(name: string, acrylic: boolean, inPlace: boolean): MadeStep {
	return {
		id: 'clean-glazing',
		title: `Clean the existing glazing, ${inSentence(name)}`,
		does: [
			acrylic
				? 'Use acrylic cleaner, never a paper towel: scratches stay.'
				: 'Use ammonia-free cleaner on a lint-free cloth; a mark that stays is on the inside.',
			inPlace
				? 'Clean it in place, frame tilted so lint runs to one corner, piece well away; check in raking light: no chip or crack.'
				: 'Clean both faces and edges; check in raking light: no chip or crack, no loose coating.'
		],
		because: 'A mark on the inner face sits just in front of the piece.',
		...(acrylic ? {} : { caution: 'Old glass: cut-resistant gloves; carry on edge; replace a chipped pane.' }),
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
	const gentle = job.piece.friable
		? 'friable'
		: job.piece.concerns.includes('toxic')
			? 'toxic'
			: job.piece.support?.faceUp
				? 'fragile'
				: null;
	return {
		id: 'dust-first',
		title: 'Dust check, first',
		does: !glazed
			? [
					`No glazing over it: lift lint off the face with a soft brush, in low-angle light${job.piece.friable ? '; not on friable areas' : ''}. No tapping or wiping.`
				]
			: gentle
				? [`Check in low-angle light; lift lint off with a soft brush tip. No tapping or blowing: it is ${gentle}.`]
				: [`${blow} or brush, tap, check in low-angle light. Repeat until clean, usually one to five times.`],
		...(job.schools.dust === 'canned' && glazed && !gentle
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
		({ role }) => ['back-spacer', 'filler', 'barrier', 'backing'].includes(role) && !(role === 'backing' && isFloatsBase(job))
	);
	const glazed = glazing.family !== 'none';
	const behind = layers.map((layer) => {
		const name = inSentence(layerName(layer, job, shop));
		const stacked = layer.made ? layer.made.reduce((sum, one) => sum + one.layers, 0) : 1;
		return stacked > 1 ? `${name} in ${stacked} layers` : name;
	});
	const onTop = glazed
		? [spacer ? 'Lay spacers along the edges, then the glazing on them.' : 'Lay the glazing on.']
		: spacer
			? ['Lay spacers along the edges.']
			: [];
	const taped =
		job.schools['backing-join'] === 'transfer' && underMat && job.guard.backing
			? ['Put transfer tape between back mat and backing board, at the outer edge.']
			: [];
	if (onTop.length + behind.length === 0) return null;
	const onStretcher = job.piece.kind === 'canvas' && !writer.floats && underMat === null && behind.length > 0;
	return {
		id: 'close-pack',
		title: 'Close the pack',
		does: [
			...onTop,
			...(onStretcher
				? [
						staysFaceUp(job)
							? 'Stand it on edge, top up, held by a second pair of hands.'
							: 'Lay it face down on a clean, padded slip sheet.',
						`Screw the ${behind.join(' and ')} to the stretcher’s bars from behind, near each corner and every ${writer.either('200 mm', '8 in')}: never tape it, and nothing touches the canvas.`
					]
				: []),
			...(behind.length > 0 && !onStretcher
				? [
						`Lay behind the ${writer.piece}: ${behind.join(', then ')}${job.hang.by === 'tag' ? ', its bent tag up and outside' : ''}.`
					]
				: []),
			...taped,
			'Line up all edges; check once more.'
		],
		because: 'Once closed, the inside is out of reach.',
		uses: writer.parts('under-mat', 'filler', 'barrier', 'backing', 'back spacer', 'spacer', 'mat')
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
			`Cut it ${writer.cut(seal.stock)} wide, ${writer.cut(seal.length)} long with spare: ${writer.mark(sealOnFace)} over the ${glazed ? 'glazing’s' : 'front'} face, round the edge, at least ${writer.mark(edgeSealOnBack)} onto the back.`
		],
		because: 'Seal before fitting; the lip must hide the tape.',
		uses: writer.parts('edge seal')
	};
}

/** Before the pack is turned: once its face is hidden nobody can tell. */
export function markUp({ job, piece }: Writer): MadeStep {
	const on = job.guard.backing ? 'backing board' : job.guard.underMat ? 'back mat' : `${piece}’s back`;
	return {
		id: 'mark-up',
		title: 'Mark which way is up',
		does: [
			`Check the ${piece} from the front.${staysFaceUp(job) ? ' Stand the pack on edge, top up, never face down.' : ''}`,
			`Draw an arrow in pencil on the ${on}, in the middle of its top edge, pointing up.`,
			...(job.hang.turns ? ['It also hangs turned: draw a second, smaller arrow to the side then up.'] : [])
		],
		because: 'Turned over, nobody can tell; hangers are measured from this mark.',
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
				? `Judge from the front against a straight rail; planned: ${targets}.`
				: `From the front, measure the visible border near both ends of each side; planned: ${targets}.`,
			writer.metal
				? 'No blade fits a channel: remove the clips on two sides and loosen the closing rail’s screws.'
				: 'Shift it with a flat blade, measure again, secure it.',
			...(writer.metal ? ['Push the pack by its edge, or lift it on a card; close again.'] : []),
			'Check the image once more.'
		],
		uses: []
	};
}
