/** The plate series against the handbook's figures, against the closed value of a square, and against the plate solved by differences. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Glazing } from '../../shop/glazing.ts';
import { builtInShop } from '../../shop/shop.ts';
import { sagFlat } from './sag.ts';

const { glazings } = builtInShop;
const GRAVITY = 9.81;
const within = (value: number, wanted: number, share: number) =>
	assert.ok(Math.abs(value / wanted - 1) <= share, `${value} is not ${wanted} within ${share * 100} %`);

test('reference values: glass 500 × 700, acrylic 542 × 701 and 800 × 1000, laminated as 2.5 mm with its own weight', () => {
	within(sagFlat(glazings['glass']!, { width: 500, height: 700 }), 0.443, 0.0012);
	within(sagFlat(glazings['uv-acrylic']!, { width: 542, height: 701 }), 2.299, 0.001);
	within(sagFlat(glazings['uv-acrylic']!, { width: 800, height: 1000 }), 10.36, 0.001);
	const laminated = glazings['laminated']!;
	// 4.4 mm of 2370 kg/m³ is 10.4 kg/m²; it bends as 2.5 mm.
	within((laminated.thickness * laminated.densityKgM3) / 1000, 10.4, 0.003);
	const solid = { ...glazings['glass']!, thickness: 2.5, bendsAs: 2.5 };
	const size = { width: 500, height: 700 };
	within(sagFlat(laminated, size) / sagFlat(solid, size), 10.428 / 6.25, 0.001);
});

test('a square: 0.0040624 q a⁴ / D', () => {
	for (const id of ['glass', 'uv-acrylic']) {
		const { load, stiffness } = plateOf(glazings[id]!);
		for (const side of [200, 600, 1000])
			within(
				sagFlat(glazings[id]!, { width: side, height: side }),
				((0.0040624 * load * (side / 1000) ** 4) / stiffness) * 1000,
				0.001
			);
	}
});

test('a plate solved by differences: within 0.1 % at every aspect', () => {
	for (const [width, height] of [
		[400, 400],
		[500, 700],
		[400, 1000],
		[900, 300]
	] as const) {
		const { load, stiffness } = plateOf(glazings['uv-acrylic']!);
		// Two grids, and what is left of the error of the finer taken out.
		const [coarse, fine] = [24, 48].map((steps) => solvePlate(width / 1000, height / 1000, load / stiffness, steps));
		within(sagFlat(glazings['uv-acrylic']!, { width, height }), (fine! + (fine! - coarse!) / 3) * 1000, 0.001);
	}
});

test('turned it sags as much; nothing sags where there is no glazing', () => {
	const glass = glazings['glass']!;
	assert.ok(Math.abs(sagFlat(glass, { width: 300, height: 800 }) - sagFlat(glass, { width: 800, height: 300 })) < 1e-12);
	assert.equal(sagFlat(glazings['none']!, { width: 300, height: 800 }), 0);
});

/** Weight, Pa, and bending stiffness, N m. */
function plateOf({ densityKgM3, thickness, stiffnessGPa, bendsAs, poisson }: Glazing) {
	return {
		load: (densityKgM3 * thickness * GRAVITY) / 1000,
		stiffness: (stiffnessGPa * 1e9 * (bendsAs / 1000) ** 3) / (12 * (1 - poisson ** 2))
	};
}

/**
 * A plate held at its edges is two membranes one after the other: ∇²M = q/D, ∇²w = M, both zero at the edge.
 * @returns the deflection at the middle, m
 */
function solvePlate(a: number, b: number, loadOverStiffness: number, steps: number): number {
	const rows = Math.round((steps * b) / a / 2) * 2 || 2;
	const even = { x: a / steps, y: b / rows };
	const count = (steps - 1) * (rows - 1);
	const bent = solveMembrane(new Float64Array(count).fill(loadOverStiffness), even, steps, rows);
	const sagged = solveMembrane(bent, even, steps, rows);
	return sagged[(rows / 2 - 1) * (steps - 1) + steps / 2 - 1]!;
}

/** −∇²u = f by conjugate gradients. */
function solveMembrane(f: Float64Array, step: { x: number; y: number }, columns: number, rows: number): Float64Array {
	const [nx, ny] = [columns - 1, rows - 1];
	const [cx, cy] = [1 / step.x ** 2, 1 / step.y ** 2];
	const apply = (u: Float64Array) =>
		u.map((here, index) => {
			const [x, y] = [index % nx, Math.floor(index / nx)];
			const side = (inside: boolean, at: number) => (inside ? u[at]! : 0);
			return (
				2 * (cx + cy) * here -
				cx * (side(x > 0, index - 1) + side(x < nx - 1, index + 1)) -
				cy * (side(y > 0, index - nx) + side(y < ny - 1, index + nx))
			);
		});
	const dot = (one: Float64Array, other: Float64Array) => one.reduce((sum, value, index) => sum + value * other[index]!, 0);
	let u = new Float64Array(f.length);
	let rest = f.slice();
	let along = f.slice();
	let size = dot(rest, rest);
	const enough = size * 1e-20;
	for (let turn = 0; turn < f.length && size > enough; turn += 1) {
		const moved = apply(along);
		const by = size / dot(along, moved);
		u = u.map((value, index) => value + by * along[index]!);
		rest = rest.map((value, index) => value - by * moved[index]!);
		const next = dot(rest, rest);
		along = along.map((value, index) => rest[index]! + (next / size) * value);
		size = next;
	}
	return u;
}
