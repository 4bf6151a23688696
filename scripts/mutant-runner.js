/** Runs the collected tests with one change at a time, as the parent process asks; stops at the first that fails. */
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
globalThis.change = Number(process.env.CHANGE);
globalThis.either = (number, left, right, operator, by) => APPLY[globalThis.change === number ? by : operator](left, right);
globalThis.other = (left, right, by) => (by === '&&' ? left() && right() : left() || right());

async function failing() {
	for (const test of globalThis.collected) {
		const began = performance.now();
		try {
			await test.run({ diagnostic: () => {} });
		} catch {
			return test;
		}
		test.took ??= performance.now() - began;
	}
	return null;
}

process.on('message', async (number) => {
	globalThis.change = number;
	const failed = await failing();
	globalThis.change = 0;
	let spoiled = false;
	// A test that still fails without the change: something has kept what it gave.
	if (failed) await Promise.resolve(failed.run({ diagnostic: () => {} })).catch(() => (spoiled = true));
	// From the second time on the quick ones come first: most changes are noticed by one of them.
	globalThis.collected.sort((one, other) => (one.took ?? 0) - (other.took ?? 0));
	process.send({ noticed: failed !== null, spoiled });
});
