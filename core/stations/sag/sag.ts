/** How far glazing sags lying flat under its own weight (handbook pack#sag): a plate held at its edges, Navier's series. */
import type { Size } from '../../geometry/shapes.ts';
import type { Glazing } from '../../shop/glazing.ts';

/** Odd terms up to this order are exact enough for any aspect. */
const ORDER = 29;

/**
 * w = (16 q / (π⁶ D)) Σ (−1)^((m+n)/2−1) / (m n (m²/a² + n²/b²)²) over odd m, n; q = ρ g h, D = E h³ / (12 (1 − ν²)).
 * @returns mm at the middle; past half the thickness the linear theory overstates, so it is "at most"
 */
export function sagFlat(glazing: Glazing, size: Size, gravity = 9.81): number {
	if (glazing.family === 'none') return 0;
	const [a, b, h] = [size.width / 1000, size.height / 1000, glazing.bendsAs / 1000];
	const load = (glazing.densityKgM3 * glazing.thickness * gravity) / 1000;
	const stiffness = (glazing.stiffnessGPa * 1e9 * h ** 3) / (12 * (1 - glazing.poisson ** 2));
	let sum = 0;
	for (let m = 1; m <= ORDER; m += 2) {
		for (let n = 1; n <= ORDER; n += 2) {
			const sign = ((m + n) / 2 - 1) % 2 === 0 ? 1 : -1;
			sum += sign / (m * n * ((m * m) / (a * a) + (n * n) / (b * b)) ** 2);
		}
	}
	return ((16 * load) / (Math.PI ** 6 * stiffness)) * sum * 1000;
}
