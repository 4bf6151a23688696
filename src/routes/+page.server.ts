import { format } from 'date-fns';
import Joi from 'joi';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import type { About } from '$core/shop/about.ts';
import { database } from '$lib/server/db/connection.ts';
import { SHOWN } from '$lib/server/db/today.ts';
import { openRuns } from '$lib/server/bench.ts';
import { listOf } from '$lib/server/shop.ts';
import { todayPage, type TodayAsked } from '$lib/server/today.ts';
import { afterPressing, find, readQuery, showAfterPressing } from '$lib/server/validation/query.ts';
import { READS, unitFrom } from '$lib/ui/reads.ts';
import { nth } from '$core/units/there.ts';

const asked = Joi.object<TodayAsked>({
	find,
	shown: Joi.string()
		.valid(...SHOWN)
		.default('open')
		.messages({ '*': `Enter one of ${SHOWN.join(', ')}.` }),
	after: afterPressing
}).unknown();

export const load: PageServerLoad = async ({ url, cookies }) => {
	const query = readQuery(url, asked);
	if (!query.ok) error(400, nth(query.faults, 0).says);
	// The day is that of the house in which the server stands.
	const today = format(new Date(), 'yyyy-MM-dd');
	const about = await listOf<About>(database(), 'about');
	const page = await todayPage(database(), query.value, today, unitFrom(cookies.get(READS)));
	const isFirst = query.value.find.trim() === '' && query.value.shown === 'open' && query.value.after === null;
	return {
		...page,
		bench: isFirst ? await openRuns(database()) : [],
		now: Date.now(),
		next: page.next && showAfterPressing(page.next),
		find: query.value.find.trim(),
		shown: query.value.shown,
		today,
		about
	};
};
