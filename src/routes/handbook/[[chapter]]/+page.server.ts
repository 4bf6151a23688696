import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';
import { chapterList, chapterOf } from '$lib/server/handbook.ts';
import { nth } from '$core/units/there.ts';

export const load: PageServerLoad = ({ params }) => {
	const chapters = chapterList();
	const chapter = chapterOf(params.chapter ?? nth(chapters, 0).id);
	if (!chapter) error(404, 'The handbook has no such chapter.');
	return { chapters, chapter };
};
