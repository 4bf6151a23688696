/** When a rule fires, in words: its numbers are those of the house, whichever it is. */
import { houseUnit, type House } from '../shop/house.ts';
import { showFigure, showValue } from '../units/figures.ts';
import type { Reader } from '../units/show.ts';
import type { Rule } from './rule.ts';

/** `{hideZoneMargin}` with its unit; `{lipCover|bare}` without, where the sentence has said it before. */
const FIGURE = /\{(\w+)(\|bare)?\}/g;

/** @throws Error for a name that is no house figure: a defect of the rule */
export function whenOf({ id, when }: Pick<Rule, 'id' | 'when'>, house: House, reader: Reader): string {
	return when.replace(FIGURE, (_, name: string, bare: string | undefined) => {
		if (!Object.hasOwn(house, name)) throw new Error(`${id} names “${name}”, which is not a shop figure.`);
		const figure = name as keyof House;
		return (bare ? showValue : showFigure)(house[figure], houseUnit(figure), reader);
	});
}
