/** Where the shop’s pages stood before: a bookmark still leads to them. */
import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const MOVED: Readonly<Record<string, string>> = {
	'': '/shop',
	figures: '/shop/defaults',
	schools: '/shop/ways',
	steps: '/shop/steps',
	rules: '/shop/rules',
	shop: '/shop/details'
};

export const GET: RequestHandler = ({ params, url }) => {
	redirect(308, (MOVED[params.rest] ?? '/shop') + url.search);
};
