import assert from 'node:assert/strict';
import { test } from 'node:test';
import { figuresOf, materialsOf, type WrittenMaterial } from '../../core/shop/catalogue.ts';
import { MATERIAL_KINDS } from '../../core/shop/material-kinds.ts';
import { builtInShop } from '../../core/shop/shop.ts';
import { materialsFromCsv, materialsToCsv } from '../../src/lib/stock/materials-csv.ts';

const whole = MATERIAL_KINDS.flatMap((kind) =>
	materialsOf(builtInShop, kind).map((material): WrittenMaterial => ({
		kind,
		id: material.id,
		name: material.name,
		figures: figuresOf(kind, material),
		sources: {}
	}))
);
const faultsOf = (text: string) => {
	const read = materialsFromCsv(text);
	return read.ok ? [] : read.faults.map(({ path, says }) => `${path}: ${says}`);
};

test('the whole catalogue goes out and comes back as it was', () => {
	const read = materialsFromCsv(materialsToCsv(whole));
	assert.ok(read.ok);
	assert.deepEqual(read.materials, whole);
});

test('sources, withdrawn ones, names with commas and quotes', () => {
	const one: WrittenMaterial = {
		kind: 'board',
		id: 'quay-rag',
		name: '=Rag, "white"',
		figures: { thickness: 1.6, touch: 'rare', buffered: false },
		sources: { thickness: 'sheet 12, page 3', touch: 'letter of 4 May' },
		withdrawn: true
	};
	const text = materialsToCsv([one]);
	assert.ok(!/(^|,)=/.test(text), 'no spreadsheet reads a formula');
	const read = materialsFromCsv(text);
	assert.ok(read.ok);
	const { figures, ...rest } = read.materials[0]!;
	const { figures: wanted, ...others } = one;
	assert.deepEqual(rest, others);
	assert.deepEqual(Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== null)), wanted);
});

test('what is wrong names its line and its column', () => {
	assert.match(faultsOf('id,name\nx,X\n').join(), /line 1: .*kind is missing/);
	assert.match(faultsOf('kind,id,name,smell\nboard,x,X,pine\n').join(), /line 1: No material has “smell”/);
	assert.match(faultsOf('kind,id,name,thickness\nboard,x,X,2\nboard,y,Y,thick\n').join(), /line 3, thickness: /);
	assert.match(
		faultsOf('kind,id,name,uvStoppedPercent\nboard,x,X,90\n').join(),
		/line 2, uvStoppedPercent: A board has no such figure/
	);
	assert.match(faultsOf('kind,id,name,massPerM2\nboard,x,X,"1,05"\n').join(), /Write 1\.05 with a point/);
	assert.deepEqual(faultsOf('kind;id;name;thickness\nboard;x;X;2\n'), [], 'semicolons are as good');
	assert.deepEqual(faultsOf('\ufeffkind,id,name\nboard,x,X\n'), [], 'a spreadsheet’s mark is no letter');
	assert.match(faultsOf('').join(), /kind, id, name are missing/);
});
