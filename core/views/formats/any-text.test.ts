/** Files of drawings that carry any text a job may: parsers of another make read them, and find the text as it was typed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import DxfParser from 'dxf-parser';
import fc from 'fast-check';
import { SaxesParser } from 'saxes';
import { hooksCsv } from '../../../src/lib/walls/hooks-csv.ts';
import Papa from 'papaparse';
import { rectangle, type Scene } from '../../figures/scene.ts';
import { printable } from '../../units/printable.ts';
import { sceneToDxf } from './dxf.ts';
import { sceneToSvg } from './svg.ts';

const anyText = fc.oneof(
	fc.string({ unit: 'binary', minLength: 1, maxLength: 40 }).map(printable),
	fc.constantFrom(
		']]>',
		'<b title="x">&amp;</b>',
		'--><script>',
		'it\'s "so"',
		'&#0;',
		'  0\nENDSEC\n  0\nEOF',
		'{\\fArial;x}',
		'%%d',
		'\t\r\n',
		'=1+1\nand on'
	)
);

function sceneWith(text: string): Scene {
	const box = { left: 0, top: 0, width: 300, height: 200 };
	const rings = [rectangle(0, 0, 300, 200)];
	return {
		view: 'parts',
		title: text,
		box,
		shapes: [
			{ role: 'part', rings, title: text, layer: text },
			{ role: 'sheet', rings, title: text }
		],
		dimensions: [{ name: text, side: 'top', from: 0, to: 300, value: 300, at: 0 }],
		callouts: [{ name: text, value: 2, to: { x: 10, y: 10 } }],
		labels: [{ kind: 'blank', name: text, detail: text, place: box }],
		notToScale: text
	};
}

/** The texts of a document, in its order. @throws what a strict parser has against it */
function textsOf(xml: string): string[] {
	const texts: string[] = [];
	const parser = new SaxesParser();
	parser.on('error', (error) => {
		throw error;
	});
	parser.on('text', (text) => texts.push(text));
	parser.write(xml).close();
	return texts;
}

/** As every reader of XML has line ends. */
const asRead = (text: string) => text.replaceAll(/\r\n?/g, '\n');

test('property: an SVG is well formed, and says each text as it was typed', () => {
	fc.assert(
		fc.property(anyText, (text) => {
			const texts = textsOf(sceneToSvg(sceneWith(text), { reader: 'mm', textHeight: 6 }));
			assert.ok(
				texts.some((one) => one.trim().startsWith(asRead(text).trim())),
				JSON.stringify(text)
			);
		})
	);
});

test('property: a DXF has its lines, each on one layer, whatever a part is called', () => {
	fc.assert(
		fc.property(anyText, (text) => {
			const read = new DxfParser().parseSync(sceneToDxf(sceneWith(text)))!;
			assert.deepEqual(
				read.entities.map(({ type }) => type),
				['LWPOLYLINE', 'LWPOLYLINE']
			);
			for (const { layer } of read.entities) assert.ok(Object.hasOwn(read.tables.layer.layers, layer), JSON.stringify(text));
		})
	);
});

test('property: a list of hooks has its rows and columns, and nothing in it is reckoned as a formula', () => {
	fc.assert(
		fc.property(anyText, (text) => {
			const hooks = [1, 2].map((n) => ({ n, x: 10, height: 1500, picture: 'K-0001' }));
			const { data, errors } = Papa.parse<string[]>(hooksCsv(hooks, () => text));
			assert.deepEqual(errors, []);
			assert.deepEqual(
				data.map((row) => row.length),
				[4, 4, 4]
			);
			const written = data[1]![3]!;
			assert.ok(written === text || written === `'${text}`, JSON.stringify(text));
			assert.ok(!/^[=+\-@\t\r]/.test(written), JSON.stringify(text));
		})
	);
});
