/** The temperature at which air begins to wet a wall, after Magnus (handbook climate#cold-wall). */

const A = 17.62;
const B = 243.12;

/** @param rh relative humidity in %, above 0 @returns °C */
export function dewPoint(celsius: number, rh: number): number {
	const gamma = Math.log(rh / 100) + (A * celsius) / (B + celsius);
	return (B * gamma) / (A - gamma);
}

/** The relative humidity from which air of this temperature wets a wall of that one: where the wall is its dew point. */
export function wettingRh(celsius: number, wallCelsius: number): number {
	const at = (temperature: number) => (A * temperature) / (B + temperature);
	return 100 * Math.exp(at(wallCelsius) - at(celsius));
}
