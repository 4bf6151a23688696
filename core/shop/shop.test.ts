import assert from 'node:assert/strict';
import { test } from 'node:test';
import { GRADES, reaches } from './grades.ts';
import { builtInShop } from './shop.ts';

const { boards, barriers, glazings, adhesives, edgeSeals } = builtInShop;

/** Working figures as the handbook gives them: thickness mm, kg/m², best grade touching the piece, best grade as backing boarding. */
const BOARDS: [id: string, thickness: number, massPerM2: number, touch: string, backing: string, buffered: boolean][] = [
	['cotton-2', 0.8, 0.55, 'rare', 'rare', true],
	['cotton-4', 1.5, 1.05, 'rare', 'rare', true],
	['cotton-8', 3, 2.1, 'rare', 'rare', true],
	['cotton-4-unbuffered', 1.5, 1.05, 'rare', 'rare', false],
	['purified-4', 1.5, 1.05, 'keep', 'keep', true],
	['cotton-core-4', 1.5, 1.05, 'keep', 'keep', true],
	['pulp-4', 1.4, 0.95, 'show', 'show', true],
	['mat-ordinary', 1.4, 0.95, 'never', 'never', false],
	['alkaline-corrugated', 3, 0.75, 'rare', 'rare', true],
	['fluted-pp', 3.5, 0.7, 'keep', 'rare', false],
	['foam-free', 5, 0.65, 'keep', 'keep', false],
	['foam-ordinary', 5, 0.6, 'show', 'show', false],
	['aluminium-composite', 3, 3.8, 'keep', 'rare', false]
];

test('boards have the handbook’s figures', () => {
	for (const [id, thickness, massPerM2, touch, backing, buffered] of BOARDS) {
		const board = boards[id]!;
		assert.deepEqual(
			[board.thickness, board.massPerM2, board.touch, board.backing, board.buffered],
			[thickness, massPerM2, touch, backing, buffered],
			id
		);
	}
	assert.equal(boards['foam-free']!.backingBehindBoard, 'rare');
	assert.equal(boards['pulp-4']!.outerMatAtKeep, true);
});

test('wood-fibre boards are raw, 3 mm, and never touch a piece', () => {
	for (const [id, massPerM2] of [
		['hardboard', 2.9],
		['mdf', 2.4],
		['chipboard', 2.2],
		['grey-board', 1.9]
	] as const) {
		const board = boards[id]!;
		assert.deepEqual([board.thickness, board.massPerM2, board.touch, board.woodFibre], [3, massPerM2, 'never', true], id);
	}
	for (const board of Object.values(boards)) {
		if (board.woodFibre) assert.equal(board.touch, 'never', board.id);
	}
});

test('what is stiff enough for a back', () => {
	const stiff = (id: string) => boards[id]!.stiff;
	for (const id of ['alkaline-corrugated', 'fluted-pp', 'aluminium-composite']) assert.equal(stiff(id), true, id);
	for (const id of ['foam-free', 'foam-ordinary']) assert.equal(stiff(id), 600, id);
	for (const id of ['cotton-2', 'cotton-4', 'purified-4', 'mat-ordinary']) assert.equal(stiff(id), false, id);
});

test('barriers', () => {
	assert.deepEqual(
		Object.values(barriers).map(({ id, thickness, massPerM2 }) => [id, thickness, massPerM2]),
		[
			['polyester-film', 0.05, 0.07],
			['aluminium-laminate', 0.1, 0.12],
			['alkaline-paper', 0.2, 0.16],
			['unbuffered-paper', 0.2, 0.16],
			['unbuffered-tissue', 0.03, 0.02]
		]
	);
});

/** Thickness mm, kg/m³, GPa, growth per kelvin, % of UV stopped, % of light transmitted. */
const GLAZINGS: [
	id: string,
	thickness: number,
	density: number,
	stiffness: number,
	perKelvin: number,
	uv: number,
	light: number
][] = [
	['glass', 2, 2500, 70, 9e-6, 45, 90],
	['glass-lr', 2, 2500, 70, 9e-6, 70, 97],
	['uv-glass', 2.5, 2500, 70, 9e-6, 97, 89],
	['uv-glass-lr', 2.5, 2500, 70, 9e-6, 99, 97],
	['laminated', 4.4, 2370, 70, 9e-6, 99, 88],
	['acrylic', 3, 1190, 3.2, 70e-6, 60, 92],
	['uv-acrylic', 3, 1190, 3.2, 70e-6, 98, 91],
	['uv-acrylic-as', 3, 1190, 3.2, 70e-6, 98, 91],
	['uv-acrylic-lr', 3, 1190, 3.2, 70e-6, 99, 97]
];

test('glazing has the handbook’s figures', () => {
	for (const [id, thickness, density, stiffness, perKelvin, uv, light] of GLAZINGS) {
		const one = glazings[id]!;
		assert.deepEqual(
			[one.thickness, one.densityKgM3, one.stiffnessGPa, one.perKelvin, one.uvStoppedPercent, one.lightPassedPercent],
			[thickness, density, stiffness, perKelvin, uv, light],
			id
		);
	}
	assert.equal(glazings.laminated!.bendsAs, 2.5, 'its sheets slip on the interlayer');
	assert.deepEqual(
		Object.values(glazings)
			.filter((one) => one.antiStatic)
			.map((one) => one.id),
		['uv-acrylic-as', 'uv-acrylic-lr']
	);
	assert.deepEqual(
		Object.values(glazings)
			.filter((one) => one.lowReflection)
			.map((one) => one.id),
		['glass-lr', 'uv-glass-lr', 'uv-acrylic-lr']
	);
});

test('what may hold a sheet, and to which grade', () => {
	const grades = Object.fromEntries(Object.values(adhesives).map((one) => [one.id, one.sheet]));
	assert.deepEqual(
		['starch-paste', 'cellulose-paste', 'gummed-linen', 'gummed-paper', 'self-adhesive-tissue'].map((id) => grades[id]),
		['rare', 'rare', 'keep', 'keep', 'show']
	);
	for (const id of ['hardware-tape', 'transfer-tape', 'gummed-brown'])
		assert.deepEqual([grades[id], adhesives[id]!.family], ['never', 'hardware'], id);
	for (const id of ['adhesive-board', 'dry-mount', 'spray']) assert.equal(adhesives[id]!.family, 'whole-surface', id);
	for (const id of ['starch-paste', 'cellulose-paste'])
		assert.ok(adhesives[id]!.dryMinutes >= 30 && adhesives[id]!.dryMinutes <= 60, `${id} dries 30 to 60 minutes`);
});

test('edge seals', () => {
	assert.deepEqual(
		Object.values(edgeSeals).map(({ id, reach }) => [id, reach]),
		[
			['aluminium-laminate', 'rare'],
			['polyester', 'rare'],
			['paper', 'keep'],
			['packing', 'show']
		]
	);
});

test('a grade takes what reaches it or better', () => {
	const table = (['rare', 'keep', 'show', 'never'] as const).map((reach) => GRADES.map((grade) => reaches(reach, grade)));
	assert.deepEqual(table, [
		[true, true, true],
		[false, true, true],
		[false, false, true],
		[false, false, false]
	]);
});

test('ids of the job file’s contract are all in the catalogue', () => {
	const contract = {
		boards:
			'cotton-2 cotton-4 cotton-8 cotton-4-unbuffered purified-4 cotton-core-4 pulp-4 mat-ordinary alkaline-corrugated fluted-pp foam-free foam-ordinary aluminium-composite hardboard chipboard',
		barriers: 'polyester-film aluminium-laminate alkaline-paper',
		glazings: 'glass glass-lr uv-glass uv-glass-lr laminated acrylic uv-acrylic uv-acrylic-lr none',
		adhesives:
			'starch-paste cellulose-paste gummed-linen gummed-paper self-adhesive-tissue hardware-tape transfer-tape gummed-brown reversible-glue adhesive-board dry-mount spray none'
	};
	for (const [kind, ids] of Object.entries(contract)) {
		for (const id of ids.split(' ')) assert.ok(id in builtInShop[kind as keyof typeof contract], `${kind}: ${id}`);
	}
	assert.equal(boards.constructor, undefined, 'a word that is no id finds nothing');
});
