/**
 * Runs the collected tests with one change at a time, as the parent process asks; stops at the first that fails. Once, without a change,
 * it keeps which tests come by which change: only those are run for it.
 */
const APPLY = {
	'<': (a, b) => a < b,
	'<=': (a, b) => a <= b,
	'>': (a, b) => a > b,
	'>=': (a, b) => a >= b,
	'+': (a, b) => a + b,
	'-': (a, b) => a - b,
	'*': (a, b) => a * b,
	'/': (a, b) => a / b,
	'===': (a, b) => a === b,
	'!==': (a, b) => a !== b
};
/** Number of the change that is there; 0 is none. */
let present = Number(process.env.CHANGE);
/** By change: the tests that come by it; null before they are known. */
const reached = new Map();
let running = null;
globalThis.isChanged = (number) => {
	if (running) reached.set(number, (reached.get(number) ?? new Set()).add(running));
	return present === number;
};
globalThis.either = (number, left, right, operator, by) => APPLY[globalThis.isChanged(number) ? by : operator](left, right);
globalThis.other = (left, right, by) => (by === '&&' ? left() && right() : left() || right());

async function failing(tests) {
	for (const test of tests) {
		if (present === 0) running = test;
		const began = performance.now();
		try {
			await test.run({ diagnostic: () => {} });
		} catch {
			return test;
		} finally {
			running = null;
		}
		test.took ??= performance.now() - began;
	}
	return null;
}

/** What stands outside of every function runs before the first test: all tests are run for it. */
const isAtLoad = present !== 0;
let looked = null;

process.on('message', async (number) => {
	let failed = isAtLoad ? null : await (looked ??= failing(globalThis.collected));
	if (number > 0) {
		present = number;
		failed = await failing(
			isAtLoad ? globalThis.collected : globalThis.collected.filter((test) => reached.get(number)?.has(test))
		);
		present = 0;
	}
	let spoiled = false;
	// A test that still fails without the change: something has kept what it gave.
	if (failed) await Promise.resolve(failed.run({ diagnostic: () => {} })).catch(() => (spoiled = true));
	// From the second time on the quick ones come first: most changes are noticed by one of them.
	globalThis.collected.sort((one, other) => (one.took ?? 0) - (other.took ?? 0));
	process.send({ noticed: failed !== null, spoiled });
});
