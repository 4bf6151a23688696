/** Glazing kinds: working figures of the handbook (guard#glazing); prices are working values too. */
import { AS_IT_COMES, type Stocked } from './stocked.ts';

export type Glazing = {
	id: string;
	name: string;
	family: 'glass' | 'laminated' | 'acrylic' | 'none';
	thickness: number;
	densityKgM3: number;
	/** Stiffness in GPa and the thickness that bends: a laminate's two sheets slip under lasting load. */
	stiffnessGPa: number;
	bendsAs: number;
	poisson: number;
	/** Growth per kelvin and per 10 % RH. */
	perKelvin: number;
	perTenRh: number;
	uvStoppedPercent: number;
	lightPassedPercent: number;
	antiStatic?: true;
	lowReflection?: true;
	/** A matt-etched face, which blurs what lies deep behind it. */
	etched?: true;
} & Stocked;

export const GLAZINGS: readonly Glazing[] = [
	glass('glass', 'Plain glass', 2.0, 45, 90, 1800),
	{ ...glass('glass-lr', 'Coated glass, low reflection', 2.0, 70, 97, 4600), lowReflection: true },
	glass('uv-glass', 'UV glass', 2.5, 97, 89, 4200),
	{ ...glass('uv-glass-lr', 'UV glass, low reflection', 2.5, 99, 97, 8800), lowReflection: true },
	{ ...glass('laminated', 'Laminated glass', 4.4, 99, 88, 9500), family: 'laminated', densityKgM3: 2370, bendsAs: 2.5 },
	acrylic('acrylic', 'Plain acrylic', 60, 92, 2600),
	acrylic('uv-acrylic', 'UV acrylic', 98, 91, 4800),
	{ ...acrylic('uv-acrylic-as', 'UV acrylic, anti-static', 98, 91, 9500), antiStatic: true },
	{
		...acrylic('uv-acrylic-lr', 'UV acrylic, low reflection, anti-static', 99, 97, 16500),
		antiStatic: true,
		lowReflection: true
	},
	{ ...glass('etched-glass', 'Matt-etched glass', 2.0, 45, 88, 2900), etched: true },
	{ ...glass('none', 'No glazing', 0, 0, 100, 0), family: 'none', densityKgM3: 0, bendsAs: 0, perKelvin: 0 }
];

function glass(
	id: string,
	name: string,
	thickness: number,
	uvStoppedPercent: number,
	lightPassedPercent: number,
	pricePerM2: number
): Glazing {
	return {
		...AS_IT_COMES,
		id,
		name,
		family: 'glass',
		thickness,
		densityKgM3: 2500,
		stiffnessGPa: 70,
		bendsAs: thickness,
		poisson: 0.22,
		perKelvin: 9e-6,
		perTenRh: 0,
		uvStoppedPercent,
		lightPassedPercent,
		pricePerM2
	};
}

function acrylic(id: string, name: string, uvStoppedPercent: number, lightPassedPercent: number, pricePerM2: number): Glazing {
	return {
		...AS_IT_COMES,
		id,
		name,
		family: 'acrylic',
		thickness: 3,
		densityKgM3: 1190,
		stiffnessGPa: 3.2,
		bendsAs: 3,
		poisson: 0.37,
		perKelvin: 70e-6,
		perTenRh: 0.0003,
		uvStoppedPercent,
		lightPassedPercent,
		pricePerM2
	};
}
