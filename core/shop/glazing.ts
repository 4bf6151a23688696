/** Glazing kinds: working figures of the handbook (guard#glazing). */

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
};

export const GLAZINGS: readonly Glazing[] = [
	glass('glass', 'Plain glass', 2.0, 45, 90),
	{ ...glass('glass-lr', 'Coated glass, low reflection', 2.0, 70, 97), lowReflection: true },
	glass('uv-glass', 'UV glass', 2.5, 97, 89),
	{ ...glass('uv-glass-lr', 'UV glass, low reflection', 2.5, 99, 97), lowReflection: true },
	{ ...glass('laminated', 'Laminated glass', 4.4, 99, 88), family: 'laminated', densityKgM3: 2370, bendsAs: 2.5 },
	acrylic('acrylic', 'Plain acrylic', 60, 92),
	acrylic('uv-acrylic', 'UV acrylic', 98, 91),
	{ ...acrylic('uv-acrylic-lr', 'UV acrylic, low reflection, anti-static', 99, 97), antiStatic: true, lowReflection: true },
	{ ...glass('none', 'No glazing', 0, 0, 100), family: 'none', densityKgM3: 0, bendsAs: 0, perKelvin: 0 }
];

function glass(id: string, name: string, thickness: number, uvStoppedPercent: number, lightPassedPercent: number): Glazing {
	return {
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
		lightPassedPercent
	};
}

function acrylic(id: string, name: string, uvStoppedPercent: number, lightPassedPercent: number): Glazing {
	return {
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
		lightPassedPercent
	};
}
