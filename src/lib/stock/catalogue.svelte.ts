/** The catalogue while it is edited: what the handbook has, what the shop changed, and what is not kept yet. */
import {
	figuresOf,
	materialsOf,
	oneOf,
	readFigure,
	withMaterials,
	type Material,
	type WrittenMaterial
} from '$core/shop/catalogue.ts';
import { KINDS, type Column, type FigureValue, type MaterialKind } from '$core/shop/material-kinds.ts';
import { builtInShop } from '$core/shop/shop.ts';
import { readCents } from '$core/units/cents.ts';
import { ShopList } from '$lib/house/shop-list.svelte.ts';
import { lastOf, there } from '$core/units/there.ts';

export type Row = { material: Material; written: WrittenMaterial | null };

export class CatalogueDesk {
	/** Changed and own materials as they would be kept. */
	list = $state<WrittenMaterial[]>([]);
	/** Typed text that is no figure yet, by kind, id and figure. */
	drafts = $state<Record<string, { text: string; says: string }>>({});
	kept = $state.raw() as ShopList<WrittenMaterial[]>;

	constructor(materials: WrittenMaterial[], rev: number) {
		this.list = materials;
		this.kept = new ShopList('/api/shop/materials', 'materials', materials, rev);
	}

	readonly shop = $derived(withMaterials(builtInShop, $state.snapshot(this.list)));
	readonly changed = $derived(JSON.stringify(this.list) !== JSON.stringify(this.kept.kept));
	readonly faulty = $derived(Object.keys(this.drafts).length > 0);

	rows(kind: MaterialKind): Row[] {
		return materialsOf(this.shop, kind).map((material) => ({ material, written: this.writtenOf(kind, material.id) }));
	}

	writtenOf(kind: MaterialKind, id: string): WrittenMaterial | null {
		return this.list.find((one) => one.kind === kind && one.id === id) ?? null;
	}

	/** A figure typed; what can't be read stays as a draft and changes nothing. */
	type(kind: MaterialKind, material: Material, key: string, text: string | boolean): void {
		const place = `${kind} ${material.id} ${key}`;
		const column = there(
			KINDS[kind].columns.find((one) => one.key === key),
			'find'
		);
		this.kept.touches = null;
		if (text === '' && !column.must) {
			delete this.drafts[place];
			this.#own(kind, material).figures[key] = null;
			return;
		}
		const read = this.#read(kind, material, column, column.of === 'money' && typeof text === 'string' ? readCents(text) : text);
		if (!read.ok) {
			this.drafts[place] = { text: String(text), says: read.says };
			return;
		}
		delete this.drafts[place];
		this.#own(kind, material).figures[key] = read.value;
	}

	#read(kind: MaterialKind, material: Material, column: Column, text: string | number | boolean): ReturnType<typeof readFigure> {
		if (text === '') return { ok: false, says: `${column.name}: ${oneOf(kind)} needs it.` };
		const read = readFigure(column, text);
		if (!read.ok) return read;
		const wrong = KINDS[kind].impossible?.({ ...figuresOf(kind, material), [column.key]: read.value })[0];
		return wrong ? { ok: false, says: wrong.says } : read;
	}

	setName(kind: MaterialKind, material: Material, name: string): void {
		this.kept.touches = null;
		this.#own(kind, material).name = name;
	}

	setSource(kind: MaterialKind, material: Material, key: string, source: string): void {
		const own = this.#own(kind, material);
		if (source.trim() === '') delete own.sources[key];
		else own.sources[key] = source;
	}

	/** Not offered any longer, or offered again. */
	withdraw(kind: MaterialKind, material: Material, withdrawn: boolean): void {
		this.kept.touches = null;
		this.#own(kind, material).withdrawn = withdrawn;
	}

	/** A changed material of the handbook as it came; an own one goes. */
	takeBack(kind: MaterialKind, id: string): void {
		this.kept.touches = null;
		this.list = this.list.filter((one) => !(one.kind === kind && one.id === id));
		for (const place of Object.keys(this.drafts)) if (place.startsWith(`${kind} ${id} `)) delete this.drafts[place];
	}

	/** Another one like `like`, under a name of its own, so that nothing that is cut by is a guess. @returns its id */
	add(kind: MaterialKind, like: Material): string {
		const taken = Object.keys(this.shop[KINDS[kind].of]);
		let number = 1;
		while (taken.includes(`own-${kind}-${number}`)) number += 1;
		const id = `own-${kind}-${number}`;
		this.kept.touches = null;
		const must = KINDS[kind].columns.filter(({ must: isMust }) => isMust).map(({ key }) => key);
		const figures = Object.entries(figuresOf(kind, like)).filter(([key]) => must.includes(key));
		this.list.push({ kind, id, name: `New ${KINDS[kind].one} ${number}`, figures: Object.fromEntries(figures), sources: {} });
		return id;
	}

	/** Materials of a file beside those that stand: the same id is replaced. */
	take(materials: WrittenMaterial[]): void {
		const fresh = materials.map(({ kind, id }) => `${kind} ${id}`);
		this.kept.touches = null;
		this.list = [...this.list.filter(({ kind, id }) => !fresh.includes(`${kind} ${id}`)), ...materials];
	}

	/** Which jobs would come out otherwise; asked before it is kept. */
	async look(): Promise<void> {
		await this.kept.look($state.snapshot(this.list));
	}

	async keep(): Promise<void> {
		const done = await this.kept.keep($state.snapshot(this.list), 'Saved. Jobs use it from now on.', (before) => {
			this.list = before;
		});
		// One that jobs use is kept for them.
		if (done) this.list = this.kept.kept;
	}

	/** The written form of a material, made when it is first changed. */
	#own(kind: MaterialKind, material: Material): WrittenMaterial {
		const known = this.list.find((one) => one.kind === kind && one.id === material.id);
		if (known) return known;
		this.list.push({ kind, id: material.id, name: material.name, figures: {}, sources: {} });
		return lastOf(this.list);
	}
}

/** Everything that is offered, as it would be written: for a file. */
export function wholeCatalogue(desk: CatalogueDesk): WrittenMaterial[] {
	return (Object.keys(KINDS) as MaterialKind[]).flatMap((kind) =>
		desk.rows(kind).map(({ material }) => ({
			kind,
			id: material.id,
			name: material.name,
			figures: figuresOf(kind, material),
			sources: { ...material.sources },
			...(material.withdrawn ? { withdrawn: true } : {})
		}))
	);
}

/** A figure as it stands in its field. */
export function shownFigure(column: { key: string; of: string }, value: FigureValue | null): string {
	if (value === null) return '';
	return column.of === 'money' ? (Number(value) / 100).toFixed(2) : String(value);
}

/** Whether the handbook has this material. */
export function isOfHandbook(kind: MaterialKind, id: string): boolean {
	return (builtInShop[KINDS[kind].of] as Record<string, unknown>)[id] !== undefined;
}
