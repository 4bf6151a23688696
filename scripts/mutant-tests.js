/** In place of the test runner while changes are tried: the tests are kept, to be run again and again. */
export const collected = (globalThis.collected ??= []);

export function test(name, ...rest) {
	collected.push({ name, run: rest.at(-1) });
}

export default test;
