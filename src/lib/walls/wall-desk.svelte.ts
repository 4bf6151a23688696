/** A wall while it is arranged: its file, what is planned from it, undo, and the way to the server. */
import type { Unit } from '$core/units/length.ts';
import { FRACTION, type Reader } from '$core/units/show.ts';
import { planWall } from '$core/wall/plan-wall.ts';
import type { Hung, Place, Thing } from '$core/wall/wall.ts';
import { wallFrom, type WallFile, type WrittenGroup, type WrittenPicture } from '$core/wall/written.ts';
import type { WallPage } from '$lib/server/wall.ts';
import type { WallPiece } from '$lib/server/wall-piece.ts';
import { picturesOf, titleOf } from './pieces.ts';
import { sayDone } from '$lib/ui/toasts.ts';

const KEEP_MS = 600;
const AGAIN_MS = 3000;
const ABOUT = 'wall';

export type Keeping = 'kept' | 'keeping' | 'away' | 'conflict';

export class WallDesk {
	readonly id: number;
	readonly reader: Reader;
	/** Jobs that hang here and could: read anew when one of them was changed. */
	pieces = $state.raw<readonly WallPiece[]>([]);
	/** Numbers of those that were handed over. */
	readonly over: readonly string[];
	name = $state('');
	file = $state.raw() as WallFile;
	keeping = $state<Keeping>('kept');
	/** When what stands on the server was kept, ms since 1970. */
	keptAt = $state(0);
	/** Why the server did not take it. */
	refused = $state('');
	/** Pictures that the next act is about. */
	chosen = $state.raw<readonly string[]>([]);
	#rev: number;
	#past = $state.raw<WallFile[]>([]);
	#future = $state.raw<WallFile[]>([]);
	/** The file that a pull began with: all of it is one step. */
	#pulling: WallFile | null = null;
	#sent: { name: string; file: WallFile };
	#timer: ReturnType<typeof setTimeout> | undefined;
	#sending = false;

	constructor({ id, name, rev, at, file, pieces, over }: WallPage, unit: Unit | null) {
		this.id = id;
		this.name = name;
		this.file = file;
		this.#rev = rev;
		this.keptAt = at;
		this.#sent = { name, file };
		this.reader = { unit: unit ?? 'mm', fraction: FRACTION };
		this.pieces = pieces;
		this.over = over;
	}

	readonly read = $derived.by(() => wallFrom(this.file, picturesOf(this.pieces)));
	readonly wall = $derived.by(() => this.read.wall);
	readonly plan = $derived.by(() => planWall(this.wall, this.reader));
	readonly canUndo = $derived.by(() => this.#past.length > 0);
	readonly canRedo = $derived.by(() => this.#future.length > 0);

	/** What a picture is called. */
	titleOf(id: string): string {
		return titleOf(id, this.file, this.pieces);
	}

	hung(id: string): Hung | undefined {
		return this.plan.pictures.find((one) => one.id === id);
	}

	groupOf(id: string): number {
		return this.file.groups.findIndex(({ pictures }) => pictures.includes(id));
	}

	change(next: WallFile): void {
		if (next === this.file) return;
		if (!this.#pulling) {
			// A field that is left says once more what it said: that is no step, and nothing to send.
			if (JSON.stringify(next) === JSON.stringify(this.file)) return;
			this.#past = [...this.#past, this.file];
			this.#future = [];
		}
		this.file = next;
		this.#soon();
	}

	/** From here on all changes are one step, until `pulled`. */
	pull(): void {
		this.#pulling = this.file;
	}

	pulled(): void {
		const before = this.#pulling;
		this.#pulling = null;
		if (!before || before === this.file) return;
		this.#past = [...this.#past, before];
		this.#future = [];
		this.#soon();
	}

	undo(): void {
		const before = this.#past.at(-1);
		if (!before) return;
		this.#future = [this.file, ...this.#future];
		this.#past = this.#past.slice(0, -1);
		this.#put(before);
	}

	redo(): void {
		const [next, ...rest] = this.#future;
		if (!next) return;
		this.#past = [...this.#past, this.file];
		this.#future = rest;
		this.#put(next);
	}

	#put(file: WallFile): void {
		this.file = file;
		this.chosen = this.chosen.filter((id) => file.pictures.some((one) => one.id === id));
		this.#soon();
	}

	call(name: string): void {
		this.name = name;
		this.#soon();
	}

	setWall(changes: Partial<WallFile['wall']>): void {
		this.change({ ...this.file, wall: { ...this.file.wall, ...changes } });
	}

	addThing(thing: Thing): void {
		this.setWall({ things: [...this.file.wall.things, thing] });
	}

	setThing(at: number, changes: Partial<Thing>): void {
		this.setWall({ things: this.file.wall.things.map((one, index) => (index === at ? { ...one, ...changes } : one)) });
	}

	removeThing(at: number): void {
		const name = this.file.wall.things[at]?.name || this.file.wall.things[at]?.kind;
		this.setWall({ things: this.file.wall.things.filter((_, index) => index !== at) });
		this.#say(`The ${name} removed.`);
	}

	/** Hung in the middle of the wall, at the height of the eye. @returns false where one by that name is there */
	add(picture: WrittenPicture, centre: number): boolean {
		if (this.file.pictures.some(({ id }) => id === picture.id)) return false;
		const width = picture.outer?.width ?? this.#outerOf(picture.job)?.width ?? 0;
		const free = this.#freeLeft(width);
		this.change({
			...this.file,
			pictures: [...this.file.pictures, picture],
			places: [...this.file.places, { id: picture.id, left: free, centre }]
		});
		this.chosen = [picture.id];
		return true;
	}

	#outerOf(job: string | undefined): { width: number; height: number } | null {
		const picture = this.pieces.find(({ number }) => number === job)?.picture;
		return picture && typeof picture !== 'string' ? picture.outer : null;
	}

	/** Right of what hangs there; where that is no place, at the left. */
	#freeLeft(width: number): number {
		const right = Math.max(0, ...this.plan.pictures.map(({ left, width: wide }) => left + wide));
		return right + GAP + width <= this.file.wall.width ? right + GAP : Math.min(GAP, Math.max(0, this.file.wall.width - width));
	}

	remove(id: string): void {
		const title = this.titleOf(id);
		this.change({
			...this.file,
			pictures: this.file.pictures.filter((one) => one.id !== id),
			...this.#without([id])
		});
		this.chosen = this.chosen.filter((one) => one !== id);
		this.#say(`${title} removed.`);
	}

	/** Groups and places without some pictures. */
	#without(ids: readonly string[]): Pick<WallFile, 'groups' | 'places'> {
		return {
			groups: this.file.groups
				.map((group) => ({ ...group, pictures: group.pictures.filter((one) => !ids.includes(one)) }))
				.filter(({ pictures }) => pictures.length > 0),
			places: this.file.places.filter((one) => !ids.includes(one.id))
		};
	}

	/** Pictures become a group where they hang, from left to right, or a column from the top. */
	arrange(line: WrittenGroup['line']): void {
		const hung = this.chosen.flatMap((id) => this.hung(id) ?? []);
		if (hung.length === 0) return;
		const sorted = hung.toSorted((one, other) =>
			line === 'column' ? other.bottom + other.height - one.bottom - one.height : one.left - other.left
		);
		const ids = sorted.map(({ id }) => id);
		const { width, height } = this.file.wall;
		const middle = (of: Hung): number => (line === 'column' ? of.left + of.width / 2 : of.bottom + of.height / 2);
		const group: WrittenGroup = {
			pictures: ids,
			line,
			...(line === 'column' ? { from: height - GAP, to: GAP } : { from: 0, to: width }),
			align: 'centre',
			height: whole(sorted.reduce((sum, one) => sum + middle(one), 0) / sorted.length),
			gap: line === 'grid' ? GAP : 'equal',
			slope: 0,
			...(line === 'grid' ? { columns: Math.ceil(Math.sqrt(ids.length)) } : {})
		};
		const { groups, places } = this.#without(ids);
		this.change({ ...this.file, groups: [...groups, group], places });
	}

	setGroup(at: number, changes: Partial<WrittenGroup>): void {
		this.change({ ...this.file, groups: this.file.groups.map((one, index) => (index === at ? { ...one, ...changes } : one)) });
	}

	/** Each of a group hangs by itself, where it hangs now. */
	takeApart(at: number): void {
		const ids = this.file.groups[at]?.pictures ?? [];
		const places = ids.flatMap((id) => this.#placeOf(id) ?? []);
		this.change({
			...this.file,
			groups: this.file.groups.filter((_, index) => index !== at),
			places: [...this.file.places, ...places]
		});
	}

	#placeOf(id: string): Place | null {
		const hung = this.hung(id);
		return hung ? { id, left: hung.left, centre: hung.bottom + hung.height / 2 } : null;
	}

	/** By itself it moves alone; of a group the whole of it does. */
	move(id: string, right: number, up: number): void {
		const at = this.groupOf(id);
		if (at < 0) {
			this.change({
				...this.file,
				places: this.file.places.map((one) => (one.id === id ? { ...one, left: one.left + right, centre: one.centre + up } : one))
			});
			return;
		}
		const group = this.file.groups[at];
		if (!group) return;
		const along = group.line === 'column' ? up : right;
		const across = group.line === 'column' ? right : up;
		this.setGroup(at, { from: group.from + along, to: group.to + along, height: group.height + across });
	}

	place(id: string, changes: Partial<Omit<Place, 'id'>>): void {
		this.change({ ...this.file, places: this.file.places.map((one) => (one.id === id ? { ...one, ...changes } : one)) });
	}

	choose(id: string, on = !this.chosen.includes(id)): void {
		const others = this.chosen.filter((one) => one !== id);
		this.chosen = on ? [...others, id] : others;
	}

	#say(says: string): void {
		const after = this.file;
		sayDone(ABOUT, says, { label: 'Undo', go: () => this.file === after && this.undo() });
	}

	#soon(): void {
		if (this.keeping === 'conflict') return;
		this.keeping = 'keeping';
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.keep(), KEEP_MS);
	}

	/** Sends what is not kept yet. */
	async keep(): Promise<void> {
		clearTimeout(this.#timer);
		if (this.#sending || this.#pulling || this.keeping === 'conflict') return;
		const { name, file } = this;
		if (name.trim() === '') return void (this.refused = 'Name the wall: until then nothing more is saved.');
		if (this.#sent.file === file && this.#sent.name === name) {
			this.keeping = 'kept';
			this.refused = '';
			return;
		}
		this.#sending = true;
		try {
			const response = await fetch(`/api/walls/${this.id}`, {
				method: 'PUT',
				headers: { 'content-type': 'application/json', 'if-match': `"${this.#rev}"` },
				body: JSON.stringify({ name, file })
			});
			const answer = (await response.json()) as { rev: number; faults?: { says: string }[] };
			if (response.ok) {
				this.#rev = answer.rev;
				this.#sent = { name, file };
				this.keptAt = Date.now();
				this.refused = '';
				this.keeping = this.file === file && this.name === name ? 'kept' : 'keeping';
			} else {
				this.refused = answer.faults?.[0]?.says ?? 'The server refused it.';
				this.keeping = response.status === 409 ? 'conflict' : 'away';
			}
		} catch {
			this.keeping = 'away';
		} finally {
			this.#sending = false;
		}
		if (this.keeping === 'keeping') this.#soon();
		if (this.keeping === 'away') this.#timer = setTimeout(() => void this.keep(), AGAIN_MS);
	}

	close(): void {
		void this.keep();
	}
}

/** Between pictures that are hung one after the other, mm. */
const GAP = 60;
/** Nobody hangs to less than a millimetre. */
export const whole = (mm: number): number => Number(mm.toFixed(0));
