/** What the one find gives: pieces, places to go, things to do, and everything the shop has by a name. */

/** In the order in which they are shown. */
export const FOUND_KINDS = ['piece', 'act', 'place', 'wall', 'stock', 'order', 'material', 'setting', 'handbook'] as const;
export type FoundKind = (typeof FOUND_KINDS)[number];

export const FOUND_NAMES: Record<FoundKind, string> = {
	piece: 'Pieces',
	act: 'To do',
	place: 'Places',
	wall: 'Walls',
	stock: 'In stock',
	order: 'Orders',
	material: 'Materials',
	setting: 'Shop settings',
	handbook: 'Handbook'
};

export type FoundThing = {
	kind: FoundKind;
	/** Unlike that of any other. */ id: string;
	name: string;
	detail: string;
	/** Where it leads; what is done leads nowhere. */ href: string | null;
};

/** What can be done from anywhere; the page knows how. */
export const ACTS = {
	'new-piece': { name: 'New piece', says: 'begin a job, number, intake', key: 'N, on Today' },
	'bench-light': { name: 'Bench light', says: 'dark, high contrast, day', key: 'D' },
	keys: { name: 'List of keys', says: 'shortcuts, keyboard', key: '?' }
} as const;
export type Act = keyof typeof ACTS;

/** `says`: other words by which it is looked for. */
export const PLACES = [
	{ href: '/', name: 'Today', says: 'open pieces, rack, home, jobs' },
	{ href: '/?shown=late', name: 'Late pieces', says: 'overdue' },
	{ href: '/?shown=stopped', name: 'Stopped pieces', says: 'stops' },
	{ href: '/?shown=ready', name: 'Ready for the bench', says: 'next' },
	{ href: '/?shown=handed-over', name: 'Handed over', says: 'finished, delivered' },
	{ href: '/?shown=archived', name: 'Archived', says: 'old jobs' },
	{ href: '/cutting', name: 'Cutting', says: 'cutting plans, sheets, sticks, saw' },
	{ href: '/bench', name: 'Bench', says: 'open runs, timers, drying' },
	{ href: '/trainer', name: 'Trainer', says: 'practice, learn, cases' },
	{ href: '/stock/materials', name: 'Materials', says: 'catalogue, boards, glazing, mouldings' },
	{ href: '/stock/sheets', name: 'Sheets and sticks in stock', says: 'count, offcuts' },
	{ href: '/stock/shelf', name: 'Ready-made frames and mats', says: 'shelf' },
	{ href: '/stock/orders', name: 'Orders', says: 'suppliers, deliveries, stocked items' },
	{ href: '/walls', name: 'Walls', says: 'groups, hooks, hanging' },
	{ href: '/level', name: 'Level', says: 'spirit level on this device, straight' },
	{ href: '/light', name: 'Light and climate', says: 'lux, humidity, rooms, logger, fading' },
	{ href: '/handbook', name: 'Handbook', says: 'help, why' },
	{ href: '/shop', name: 'Frame sizes', says: 'shop, standard sizes' },
	{ href: '/shop/details', name: 'Shop details', says: 'address, unit, currency, language, paper' },
	{ href: '/shop/rules', name: 'Rules', says: 'findings, stops, cautions' },
	{ href: '/shop/defaults', name: 'Defaults', says: 'own figures, settings' },
	{ href: '/shop/ways', name: 'Ways of working', says: 'where framers differ' },
	{ href: '/shop/steps', name: 'Own bench steps', says: 'bench list' }
] as const;
