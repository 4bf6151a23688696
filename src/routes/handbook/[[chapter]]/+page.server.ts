import Joi from 'joi';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { chapterList, chapterOf, findInHandbook } from '$lib/server/handbook.ts';
import { find, readQuery } from '$lib/server/validation/query.ts';
import { nth } from '$core/units/there.ts';

const asked = Joi.object<{ find: string }>({ find }).unknown();

export const load: PageServerLoad = ({ params, url }) => {
	const query = readQuery(url, asked);
	if (!query.ok) error(400, nth(query.faults, 0).says);
	const chapters = chapterList();
	const chapter = chapterOf(params.chapter ?? nth(chapters, 0).id);
	if (!chapter) error(404, 'The handbook has no such chapter.');
	const looked = query.value.find.trim();
	return { chapters, chapter, find: looked, found: looked === '' ? [] : findInHandbook(looked) };
};
