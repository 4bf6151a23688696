/** What edge strips and a sling share: folded strips at the bottom and the sides (handbook hold#strips). */
import { named, which } from '../../../rule/sights.ts';
import { showWithUnit } from '../../../units/show.ts';
import { at, plain } from '../../../rule/term.ts';
import { edgeLength, patchOn } from '../own-edges.ts';
import { planStrips, stripBlank } from '../strips.ts';
import { foldedFrom } from '../folded-paper.ts';
import { boardBehind, foldedParts, slackHold, slackSaid } from './folded.ts';
import { whose, type HoldDefinition } from './kind.ts';
import type { Held } from '../held.ts';
import type { Strip } from '../../../figures/hold.ts';
import type { HoldKind } from '../../../job/hold-kinds.ts';
import { nth, there } from '../../../units/there.ts';

export type PaperOf = {
	kind: HoldKind;
	names: HoldDefinition['names'];
	/** `Strips hold`. */
	holds: string;
	title: string;
	because(piece: string): string;
};

export function edgePaper(of: PaperOf): HoldDefinition {
	return {
		names: of.names,
		...foldedParts(of.kind, of.holds),
		plan: (shared, subject, write) => {
			const { job, piece, shop, opening } = subject;
			const strips = planStrips(job, shop.house, { readings: there(piece.readings, 'readings'), opening }, write);
			const { length, reach } = nth(strips, 0);
			return {
				...slackHold(shared, subject, write),
				count: write('count', plain(strips.length), 'strips').value,
				size: {
					width: write('size.width', at('hold.strips[0].length', length), 'strips').value,
					height: write('size.height', at('hold.strips[0].reach', reach), 'strips').value
				},
				strips
			};
		},
		contacts: ({ hold, measure }) =>
			there(hold.strips, 'strips').map((strip) => ({
				what: 'strip',
				ring: patchOn(measure, { ...alongEdge(strip, measure), deepFrom: 0, deepTo: strip.reach })
			})),
		cut: (holds, job, house, add) => {
			for (const [index, { strips }] of holds.entries())
				for (const [which, strip] of there(strips, 'strips').entries()) {
					const path = named(job.several ? index + 1 : null, `hold.strips[${which}]`);
					add({
						role: 'edge strip',
						material: foldedFrom(job).id,
						...stripBlank(path, strip, house),
						count: 1,
						from: 'roll',
						side: strip.side,
						...whose(job, index)
					});
				}
		},
		shapes: ({ sight, house, held }) =>
			there(sight.hold.strips, 'strips').map((strip) =>
				held(
					patchOn(sight.measure, { ...alongEdge(strip, sight.measure), deepFrom: 0, deepTo: house.stripBehind }),
					'Edge strip, behind the sheet'
				)
			),
		steps: (sights, writer, { place }) => [
			place(),
			{
				id: 'hinge',
				title: of.title,
				does: [
					...sights.flatMap((sight) => {
						const each = there(there(sight.hold, 'hold').strips, 'strips').map(
							({ side, length, reach }) => `${side} ${writer.mark(length)} long, ${writer.mark(reach)} onto it`
						);
						return [
							`${which(sight)}Fold strips of ${foldedFrom(writer.job).said}: ${each.join('; ')}.`,
							`${which(sight)}Left and right from the front; ${slackSaid(sight, writer)}.`
						];
					}),
					`Tape each to the ${boardBehind(writer)} behind the ${writer.piece}; it touches the ${writer.piece} without pressing.`
				],
				because: of.because(writer.piece),
				uses: writer.parts('edge strip')
			}
		],
		comesTo: ([hold], reader) => `${showWithUnit(there(hold, 'hold').size.height, reader, 'mark')} onto it, no adhesive`
	};
}

/** A sling's sides stand on the bottom. */
function alongEdge({ side, length }: Strip, measure: Held['measure']): { side: Strip['side']; from: number; to: number } {
	const whole = edgeLength(measure, side);
	return { side, from: side === 'bottom' ? 0 : whole - Math.min(length, whole), to: whole };
}
