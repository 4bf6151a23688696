/** What the customer gets, in words that somebody at a counter reads once (handbook cut#cost). */
import { fixedBy, heldBy, madeOf } from '../bench/label-words.ts';
import { SCOPE_OF } from '../../job/scopes.ts';
import { gradeSaid } from '../../shop/grades.ts';
import { SEALS } from '../../stations/back/seals/all.ts';
import { inSentence } from '../../units/in-sentence.ts';
import type { Hang } from '../../figures/hang.ts';
import { hungBy } from '../../stations/hang/hung-by.ts';
import { showMass, showNumber, showSize } from '../../units/show.ts';
import type { Planned } from './materials.ts';

export type QuoteRow = { name: string; says: string };

/** @returns what is planned and nothing else, in the order of the package from the front */
export function quoteRows({ job, plan }: Planned): QuoteRow[] {
	const { guard, mats, frame, scope, kept } = job;
	const closes = SCOPE_OF[scope].pack;
	const size = plan.frame ? `${showSize(plan.frame.outer, job.reader)} ${job.reader.unit} outside` : '';
	const uv = guard.glazing.uvStoppedPercent;
	const glazing =
		guard.glazing.family === 'none'
			? 'none'
			: `${guard.glazing.name}${kept.glazing ? ', existing' : ''}${uv > 0 ? `; stops ${showNumber(uv, 0)} % of UV` : ''}`;
	const behind = [
		SCOPE_OF[scope].window ? guard.underMat?.name : undefined,
		...guard.fillers.map(({ board }) => board.name),
		guard.backing?.name
	];
	const rows: [string, string][] = [
		[
			'piece',
			[
				madeOf(job),
				plan.measure && !Array.isArray(plan.measure) ? `${showSize(plan.measure.mean, job.reader)} ${job.reader.unit}` : ''
			]
				.filter(Boolean)
				.join(', ')
		],
		['inside', SCOPE_OF[scope].window || scope === 'unframe' ? '' : (job.given.holds ?? 'not opened')],
		['frame', closes && frame ? [frame.name, frame.finish, size].filter(Boolean).join('; ') : ''],
		['glazing', closes ? glazing : ''],
		['window mat', !SCOPE_OF[scope].window ? '' : mats.map(({ board, colour }) => `${board.name}, ${colour.said}`).join('; ')],
		[
			SCOPE_OF[scope].window ? 'behind it' : 'new board',
			[...new Set(behind.flatMap((name) => name ?? []))].map((name, at) => (at === 0 ? name : inSentence(name))).join(', ')
		],
		['fixed', fixedBy(job)],
		['held by', plan.hold ? heldBy(job, plan) : ''],
		[
			'sealed',
			[
				plan.back?.edgeSeal ? guard.edgeSeal?.name : '',
				plan.back?.tape && job.back.seal ? `${SEALS[job.back.seal].name} tape over the back` : ''
			]
				.filter(Boolean)
				.join('; ')
		],
		['covered', plan.back?.dustCover ? 'dust cover over the whole back' : ''],
		['hangs from', plan.hang ? hangsSaid(plan.hang) : ''],
		['weight', plan.mass ? showMass(plan.mass.kg, job.reader) : ''],
		['grade', SCOPE_OF[scope].window && plan.grade.known ? gradeSaid(plan.grade) : '']
	];
	return rows.flatMap(([name, says]) => (says ? [{ name, says }] : []));
}

/** Hooks go with it; what is screwed to a wall does too. */
function hangsSaid(hang: Hang): string {
	const also = [...(hang.turned ? ['also turned 90°'] : []), ...(hang.stand && hang.by !== 'stand' ? ['also stands'] : [])];
	return [hang.hookCount > 0 ? `${hungBy(hang)}, with it` : hungBy(hang), ...also].join('; ');
}
