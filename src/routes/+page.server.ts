import Joi from 'joi';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { database } from '$lib/server/db/connection.ts';
import type { After } from '$lib/server/db/jobs.ts';
import { showAfter } from '$lib/server/jobs.ts';
import { todayPage } from '$lib/server/today.ts';
import { after, find, readQuery } from '$lib/server/validation/query.ts';
import { READS, unitFrom } from '$lib/ui/reads.ts';
import { nth } from '$core/units/there.ts';

const asked = Joi.object<{ find: string; after: After }>({ find, after }).unknown();

export const load: PageServerLoad = async ({ url, cookies }) => {
	const query = readQuery(url, asked);
	if (!query.ok) error(400, nth(query.faults, 0).says);
	const { pieces, next } = await todayPage(database(), query.value, unitFrom(cookies.get(READS)));
	return { pieces, find: query.value.find.trim(), next: next && showAfter(next) };
};
