/** The catalogue while it is edited: what the handbook has, what the shop changed, and what is not kept yet. */
import {
	figuresOf,
	KINDS,
	readFigure,
	type FigureValue,
	type Material,
	type MaterialKind,
	type WrittenMaterial
} from '$core/shop/catalogue.ts';
import { builtInShop } from '$core/shop/shop.ts';
import { shopFrom } from '$core/shop/written.ts';
import { WRITTEN_SIZES } from '$core/shop/pack-sizes.ts';
import { sayDone } from '$lib/ui/toasts.ts';
import type { TouchedJob } from '$lib/server/touches.ts';
import { lastOf, there } from '$core/units/there.ts';

export type Row = { material: Material; written: WrittenMaterial | null };
export type Touches = { jobs: TouchedJob[]; looked: number; more: boolean };

export class CatalogueDesk {
	/** Changed and own materials as they would be kept. */
	list = $state<WrittenMaterial[]>([]);
	/** Typed text that is no figure yet, by kind, id and figure. */
	drafts = $state<Record<string, { text: string; says: string }>>({});
	rev = $state(0);
	refused = $state('');
	touches = $state.raw<Touches | null>(null);
	busy = $state(false);
	#kept: string;

	constructor(materials: WrittenMaterial[], rev: number) {
		this.list = materials;
		this.rev = rev;
		this.#kept = JSON.stringify(materials);
	}

	readonly shop = $derived(shopFrom({ about: {}, packSizes: WRITTEN_SIZES, house: [], materials: $state.snapshot(this.list) }));
	readonly changed = $derived(JSON.stringify(this.list) !== this.#keptText());
	readonly faulty = $derived(Object.keys(this.drafts).length > 0);

	#keptText(): string {
		// It changes with each keeping, as the revision does.
		void this.rev;
		return this.#kept;
	}

	rows(kind: MaterialKind): Row[] {
		const all = Object.values(this.shop[KINDS[kind].of] as Record<string, Material>).filter(({ id }) => id !== 'none');
		return all.map((material) => ({ material, written: this.writtenOf(kind, material.id) }));
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
		this.touches = null;
		if (text === '') {
			delete this.drafts[place];
			this.#own(kind, material).figures[key] = null;
			return;
		}
		const read = readFigure(column, column.of === 'money' && typeof text === 'string' ? cents(text) : text);
		if (!read.ok) {
			this.drafts[place] = { text: String(text), says: read.says };
			return;
		}
		delete this.drafts[place];
		this.#own(kind, material).figures[key] = read.value;
	}

	setName(kind: MaterialKind, material: Material, name: string): void {
		this.touches = null;
		this.#own(kind, material).name = name;
	}

	setSource(kind: MaterialKind, material: Material, key: string, source: string): void {
		const own = this.#own(kind, material);
		if (source.trim() === '') delete own.sources[key];
		else own.sources[key] = source;
	}

	/** Not offered any longer, or offered again. */
	withdraw(kind: MaterialKind, material: Material, withdrawn: boolean): void {
		this.touches = null;
		this.#own(kind, material).withdrawn = withdrawn;
	}

	/** A changed material of the handbook as it came; an own one goes. */
	takeBack(kind: MaterialKind, id: string): void {
		this.touches = null;
		this.list = this.list.filter((one) => !(one.kind === kind && one.id === id));
		for (const place of Object.keys(this.drafts)) if (place.startsWith(`${kind} ${id} `)) delete this.drafts[place];
	}

	/** @returns its id */
	add(kind: MaterialKind): string {
		const taken = Object.keys(this.shop[KINDS[kind].of]);
		let number = 1;
		while (taken.includes(`own-${kind}-${number}`)) number += 1;
		const id = `own-${kind}-${number}`;
		this.touches = null;
		this.list.push({ kind, id, name: `New ${kind} ${number}`, figures: {}, sources: {} });
		return id;
	}

	/** Materials of a file beside those that stand: the same id is replaced. */
	take(materials: WrittenMaterial[]): void {
		const fresh = materials.map(({ kind, id }) => `${kind} ${id}`);
		this.touches = null;
		this.list = [...this.list.filter(({ kind, id }) => !fresh.includes(`${kind} ${id}`)), ...materials];
	}

	/** Which jobs would come out otherwise; asked before it is kept. */
	async look(): Promise<void> {
		await this.#send('/api/shop/materials/touches', 'POST', (body) => {
			this.touches = body as Touches;
		});
	}

	async keep(): Promise<void> {
		const before = JSON.parse(this.#kept) as WrittenMaterial[];
		if (!(await this.#put())) return;
		sayDone('materials', 'Kept. Jobs are planned with it from now on.', {
			label: 'Undo',
			go: () => {
				this.list = before;
				void this.#put().then((done) => done && sayDone('materials', 'As it was before.'));
			}
		});
	}

	async #put(): Promise<boolean> {
		await this.#send('/api/shop/materials', 'PUT', (body) => {
			const { rev, materials } = body as { rev: number; materials: WrittenMaterial[] };
			this.rev = rev;
			this.list = materials;
			this.#kept = JSON.stringify(materials);
			this.touches = null;
		});
		return this.refused === '';
	}

	async #send(path: string, method: string, done: (body: unknown) => void): Promise<void> {
		this.refused = '';
		this.busy = true;
		try {
			const response = await fetch(path, {
				method,
				headers: { 'content-type': 'application/json', 'if-match': `"${this.rev}"` },
				body: JSON.stringify({ materials: this.list })
			});
			const body = (await response.json()) as { faults?: { path: string; says: string }[] };
			if (response.ok) done(body);
			else this.refused = body.faults?.[0]?.says ?? 'The server did not take it.';
		} catch {
			this.refused = 'The server cannot be reached. What you changed stays here until it answers.';
		} finally {
			this.busy = false;
		}
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

/** A price typed as 4.53 is 453 cents; anything else is left for the reader's sentence. */
function cents(text: string): string | number {
	return /^\d+(\.\d{1,2})?$/.test(text.trim()) ? Number((Number(text) * 100).toFixed(0)) : text;
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
