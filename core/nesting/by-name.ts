/** What a shop buys by its name alone, since no list of its has it. */
import type { Item } from './items.ts';

/** Before the name of a thing that no list of the shop has. */
const BY_NAME = 'own:';

export function itemByName(name: string): Item {
	return { kind: 'thing', material: `${BY_NAME}${name.trim()}`, colour: '', width: 0, height: 0 };
}

/** @returns its name; null for what stands in a list of the shop */
export function nameOfOwn(material: string): string | null {
	const name = material.startsWith(BY_NAME) ? material.slice(BY_NAME.length).trim() : '';
	return name === '' ? null : name;
}
