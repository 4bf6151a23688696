import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { builtInShop } from '../shop/shop.ts';
import { evaluate } from '../views/why/expression.ts';
import { openBook } from './book.ts';
import {
	apart,
	at,
	down,
	expressionOf,
	half,
	houseTerms,
	largest,
	less,
	negative,
	nextOf,
	over,
	plain,
	smallest,
	sum,
	times,
	twice,
	up,
	type Term
} from './term.ts';

const FIGURES: Record<string, number> = { 'plan.a': 7, 'plan.b': 3, 'plan.c': 0.5 };
const [a, b, c] = Object.entries(FIGURES).map(([path, value]) => at(path, value)) as [Term, Term, Term];

test('an expression is bracketed where it must be, and nowhere else', () => {
	assert.equal(expressionOf(sum(a, times(b, c))), 'plan.a + plan.b * plan.c');
	assert.equal(expressionOf(times(sum(a, b), c)), '(plan.a + plan.b) * plan.c');
	assert.equal(expressionOf(less(a, sum(b, c))), 'plan.a - (plan.b + plan.c)');
	assert.equal(expressionOf(less(a, times(b, c))), 'plan.a - plan.b * plan.c');
	assert.equal(expressionOf(over(times(a, b), c)), 'plan.a * plan.b / plan.c');
	assert.equal(expressionOf(over(a, times(b, c))), 'plan.a / (plan.b * plan.c)');
	assert.equal(expressionOf(negative(half(a))), '-(plan.a / 2)');
	assert.equal(expressionOf(largest(plain(0), less(a, b))), 'max(0, plan.a - plan.b)');
	assert.equal(expressionOf(sum()), '0');
	assert.equal(sum(a), a);
	assert.equal(expressionOf(houseTerms(builtInShop.house)('land')), 'shop.house.land');
	assert.equal(nextOf(plain(38.1), [25, 38, 50], 'shop.tapeWidths').value, 50);
	assert.equal(nextOf(plain(80), [25, 38, 50], 'shop.tapeWidths').value, 50);
});

test('property: whatever is put together, the expression gives the value', () => {
	const { term } = fc.letrec<{ term: Term }>((tie) => ({
		term: fc.oneof(
			{ depthSize: 'small', withCrossShrink: true },
			fc.constantFrom(a, b, c, plain(2), plain(0)),
			fc.tuple(tie('term'), tie('term')).map(([one, other]) => sum(one, other)),
			fc.tuple(tie('term'), tie('term'), tie('term')).map(([one, other, third]) => less(one, other, third)),
			fc.tuple(tie('term'), tie('term')).map(([one, other]) => times(one, other)),
			fc.tuple(tie('term'), tie('term')).map(([one, other]) => over(one, sum(plain(1000), other))),
			fc.tuple(tie('term'), tie('term')).map(([one, other]) => smallest(one, other)),
			fc.tuple(tie('term'), tie('term')).map(([one, other]) => apart(one, other)),
			tie('term').map(twice),
			tie('term').map(negative),
			tie('term').map((one) => down(one, plain(0.5))),
			tie('term').map((one) => up(one, plain(0.5)))
		)
	}));
	fc.assert(
		fc.property(term, (made) => {
			const value = evaluate(expressionOf(made), (path) => FIGURES[path]);
			assert.ok(
				Math.abs(value - made.value) <= 1e-9 * Math.max(1, Math.abs(made.value)) ||
					(Number.isNaN(value) && Number.isNaN(made.value)),
				`${expressionOf(made)} is ${value}, not ${made.value}`
			);
		}),
		{ numRuns: 2000 }
	);
});

test('what is written down is named from then on, and says why in its paragraph', () => {
	const book = openBook();
	const width = book.figure('back.tape.width', sum(a, b), 'back#tape');
	book.figure('back.tape.passes', over(width, c), 'back#tape');
	assert.equal(width.value, 10);
	const { 'back.tape.width': first, 'back.tape.passes': second } = book.explain({});
	assert.deepEqual([first!.of, first!.source, first!.unit], ['plan.a + plan.b', 'back#tape', first!.unit]);
	assert.equal(second!.of, 'back.tape.width / plan.c');
});
