/** A figure of plan, job or shop as every screen, paper and file writes it: rounded once, by the unit that its path has. */
import { houseUnit, type House } from '../../shop/house.ts';
import { showFigure, showValue, unitOf } from '../../units/figures.ts';
import type { Reader } from '../../units/show.ts';

/** @returns the text without its unit's word: the column or the sum carries it */
export function figureText(value: number, path: string, reader: Reader): string {
	return showValue(value, unitOf(path, houseUnitOf), reader);
}

export function figureWithUnit(value: number, path: string, reader: Reader): string {
	return showFigure(value, unitOf(path, houseUnitOf), reader);
}

function houseUnitOf(name: string) {
	return houseUnit(name as keyof House);
}
