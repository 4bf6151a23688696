/** Materials as they are offered in a list: each with the figure that matters in choosing. */
import { isMetal, mouldingName, type Moulding } from '$core/shop/mouldings.ts';
import { colourOf } from '$core/shop/colours.ts';
import { ROOMS } from '$core/shop/places.ts';
import type { Board } from '$core/shop/boards.ts';
import type { OwnPlace } from '$core/shop/own-places.ts';
import type { Reader } from '$core/units/show.ts';
import { showLength, showNumber, showWithUnit } from '$core/units/show.ts';
import type { ComboOption } from '$lib/ui/Combo.svelte';

/** A board by its thickness. */
export function boardOption(board: Pick<Board, 'id' | 'name' | 'thickness'>, reader: Reader): ComboOption {
	return { value: board.id, label: board.name, figure: showWithUnit(board.thickness, reader, 'fine') };
}

/** A moulding or metal section by how wide it looks and what it takes. */
export function mouldingOption(moulding: Moulding, reader: Reader): ComboOption {
	const takes = showLength(moulding.rabbetDepth, reader, 'mark').text;
	return {
		value: moulding.id,
		label: mouldingName(moulding, reader),
		figure: `${isMetal(moulding) ? 'channel' : 'rabbet'} ${takes}`,
		swatch: colourOf(moulding.colour)
	};
}

/** Typical places and the shop's own, by the light at the picture. */
export function placeOptions(own: readonly OwnPlace[]): ComboOption[] {
	const light = (lux: number) => `${showNumber(lux, 0)} lx`;
	return [
		...Object.entries(ROOMS).map(([value, { name, lux }]) => ({ value, label: name, figure: light(lux) })),
		...own.map(({ name, lux }) => ({ value: `own ${name}`, label: name, figure: light(lux) }))
	];
}
