/** What is asked of a job, as a sentence names it: `overlap`, `board of mat 1`. `[#]` stands for a number in a list. */
import { optionName } from '../../job/schools.ts';
import { HOLDS } from '../../stations/hold/kinds/all.ts';
import type { HoldKind } from '../../job/hold-kinds.ts';
import type { Shop } from '../../shop/shop.ts';
import { mouldingName } from '../../shop/mouldings.ts';
import { inSentence } from '../../units/in-sentence.ts';
import { UNIT_WORDS, type Unit } from '../../units/length.ts';
import type { Reader } from '../../units/show.ts';
import { nameOf } from './names.ts';

const ASKED: Readonly<Record<string, string>> = {
	unit: 'cut in',
	aim: 'target grade',
	'borders.way': 'borders',
	'borders.centre': 'centred in them',
	'borders.pack.width': 'width of the pack',
	'borders.pack.height': 'height of the pack',
	'mats[#].board': 'board of mat #',
	'mats[#].bevel': 'bevel of mat #',
	'mats[#].have.opening.width': 'width of the opening of mat #, ready-cut',
	'mats[#].have.opening.height': 'height of its opening',
	'mats[#].have.outer.width': 'its outer width',
	'mats[#].have.outer.height': 'its outer height',
	'frame.kept.glazing.kind': 'existing glazing',
	'frame.kept.glazing.thickness': 'its thickness',
	'frame.kept.points.kind': 'existing points',
	'frame.kept.points.count': 'how many',
	'mats[#].reveal': 'reveal of mat #',
	'mats[#].print.width': 'width of the print on mat #',
	'mats[#].print.height': 'height of the print on mat #',
	'piece.kind': 'the piece',
	'piece.medium[#]': 'medium',
	'piece.fade': 'light class',
	'piece.readings.width': 'width of the sheet',
	'piece.readings.height': 'height of the sheet',
	'piece.readings.top': 'top of the sheet',
	'piece.readings.right': 'right side of the sheet',
	'piece.readings.bottom': 'bottom of the sheet',
	'piece.readings.left': 'left side of the sheet',
	'piece.readings.d1': 'diagonal from the top left',
	'piece.readings.d2': 'diagonal from the top right',
	'piece.zones[#].id': 'zone #',
	'piece.zones[#].kind': 'zone # must',
	'window.way': 'window',
	'window.shape': 'its shape',
	'window.support': 'support of the float',
	'window.overlap': 'overlap',
	'window.reveal.top': 'revealed at the top',
	'window.reveal.right': 'revealed at the right',
	'window.reveal.bottom': 'revealed at the bottom',
	'window.reveal.left': 'revealed at the left',
	'window.grid.columns': 'windows across',
	'window.grid.rows': 'windows down',
	'window.grid.gutter': 'gutter',
	'window.openings[#].piece.readings.width': 'width of sheet #',
	'window.openings[#].piece.readings.height': 'height of sheet #',
	'guard.glazing': 'glazing',
	'guard.underMat': 'back mat',
	'guard.backing': 'backing board',
	'guard.fillers[#].board': 'filler',
	'hold.kind': 'held by',
	'hold.count': 'hinges',
	'schools.fixed-edges': 'fixed edges',
	'frame.moulding': 'moulding',
	'frame.kind': 'frame',
	'frame.opening.width': 'rabbet width',
	'frame.opening.height': 'rabbet height',
	'frame.opening.top': 'top of its rabbet',
	'frame.opening.right': 'right side of its rabbet',
	'frame.opening.bottom': 'bottom of its rabbet',
	'frame.opening.left': 'left side of its rabbet',
	'frame.opening.d1': 'its diagonal from the top left',
	'frame.opening.d2': 'its diagonal from the top right',
	'hang.by': 'hangs from'
};

export function askedName(path: string): string {
	const plain = path.replace(/\[\d+\]/g, '[#]');
	const numbers = [...path.matchAll(/\[(\d+)\]/g)].map(([, number]) => String(Number(number) + 1));
	const name = ASKED[plain];
	return name === undefined ? nameOf(`job.${path}`) : name.replace('#', () => numbers.at(-1) ?? '');
}

/** What is chosen there, in words: a material by its name, a way by its. */
export function askedValue(path: string, value: unknown, shop: Shop, reader: Reader): string {
	const id = String(value);
	if (path === 'hold.kind') return HOLDS[id as HoldKind].names.label;
	if (path === 'frame.moulding' && shop.mouldings[id]) return inSentence(mouldingName(shop.mouldings[id], reader));
	const material = shop.boards[id] ?? shop.glazings[id] ?? shop.media[id];
	if (material) return inSentence(material.name);
	if (path === 'unit') return UNIT_WORDS[id as Unit];
	return optionName(id);
}
