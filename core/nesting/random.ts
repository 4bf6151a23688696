/** Numbers from 0 up to 1 that come the same for the same seed: a 32-bit mixing generator with a good spread of its low bits. */
export type Random = () => number;

export function randomFrom(seed: number): Random {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x9e3779b9) >>> 0;
		let mixed = state;
		mixed = Math.imul(mixed ^ (mixed >>> 16), 0x21f0aaad);
		mixed = Math.imul(mixed ^ (mixed >>> 15), 0x735a2d97);
		return ((mixed ^ (mixed >>> 15)) >>> 0) / 4_294_967_296;
	};
}
