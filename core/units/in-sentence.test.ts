import assert from 'node:assert/strict';
import { test } from 'node:test';
import { inSentence } from './in-sentence.ts';

test('a name within a sentence loses its capital, an abbreviation keeps its letters', () => {
	const names = {
		'Plain glass': 'plain glass',
		'UV glass, low reflection': 'UV glass, low reflection',
		MDF: 'MDF',
		'Filler, MDF': 'filler, MDF',
		'Ash, 22 face': 'ash, 22 face',
		'Écru board': 'écru board',
		'3 mm board': '3 mm board'
	};
	for (const [name, within] of Object.entries(names)) assert.equal(inSentence(name), within);
});
