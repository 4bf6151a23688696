/** What the laboratory looks at: a place, a piece, a pack, a room. It begins with a job's, and changes nothing there until it is told to. */
import { bufferOf, looseBuffer, type Buffer } from '$core/advice/combinations.ts';
import type { Gap } from '$core/stations/climate/logger.ts';
import { TYPICAL_ROOMS, type Reading } from '$core/stations/climate/rooms.ts';
import { decide } from '$core/decide.ts';
import type { JobFile } from '$core/job/definition.ts';
import { readJob } from '$core/job/read.ts';
import { exposureIn, ROOMS, type Exposure, type RoomId } from '$core/shop/places.ts';
import type { OwnPlace } from '$core/shop/own-places.ts';
import { each } from '$core/units/one-or-each.ts';
import { planDecided, type Plan } from '$core/plan.ts';
import { offered } from '$core/shop/stocked.ts';
import type { Shop } from '$core/shop/shop.ts';
import { shopFor } from '$core/shop/shop.ts';
import { shopFrom, type WrittenShop } from '$core/shop/written.ts';
import type { Unit } from '$core/units/length.ts';
import { ClimateRun } from './climate-run.svelte.ts';
import type { Decided } from '$core/job/decided.ts';

export type LabJob = { number: string; rev: number; title: string; file: JobFile };
/** A room whose readings are here: read from a file, or kept before. */
export type OwnRoom = { name: string; begins: string; readings: Reading[]; gaps: Gap[]; kept: boolean };

const USUAL: RoomId = 'living-room';

export class Lab {
	readonly shop: Shop;
	readonly written: WrittenShop;
	readonly job: LabJob | null;
	readonly decided: Decided | null;
	readonly plan: Plan | null;
	places = $state<OwnPlace[]>([]);
	placeName = $state('');
	exposure = $state<Exposure>(exposureIn(USUAL));
	fade = $state(4);
	glazing = $state('uv-acrylic');
	/** Without a job: all boards of the pack and its size. */
	kg = $state(0.7);
	width = $state(500);
	height = $state(700);
	wallCelsius = $state<number | null>(null);
	/** Id of a typical room, `room 3`, or `file`. */
	room = $state('loft');
	ownRoom = $state.raw<OwnRoom | null>(null);
	/** Which part of the year is drawn: 0 is all of it, 1 to 4 its quarters. */
	quarter = $state(0);
	/** Combinations that are drawn; null: the program's own pick. */
	picked = $state<string[] | null>(null);
	/** The year, and a file on its way in. */
	readonly run = new ClimateRun();
	readonly reading = new ClimateRun();

	readonly #reads: Unit | null;

	constructor(written: WrittenShop, job: LabJob | null, reads: Unit | null) {
		this.#reads = reads;
		this.written = written;
		this.shop = shopFrom(written);
		this.places = [...written.places];
		this.job = job;
		this.decided = job ? decide(readJob(job.file), this.shop, reads ?? undefined) : null;
		this.plan = job && this.decided ? planDecided(job.file, this.decided, this.shop) : null;
		if (!this.decided) {
			this.placeName = ROOMS[USUAL].name;
			return;
		}
		this.placeName = this.decided.place.name;
		this.exposure = structuredClone(this.decided.place.exposure);
		this.fade = this.decided.piece.fade ?? 4;
		this.glazing = this.decided.guard.glazing.id;
		this.wallCelsius = this.decided.place.outside ? this.decided.place.wallCelsius : null;
	}

	readonly unit: Unit = $derived.by(() => this.decided?.reader.unit ?? this.#reads ?? 'mm');
	readonly glazings = $derived.by(() => offered(this.shop.glazings, this.glazing));
	/** Null while the job's pack has no size. */
	readonly buffer: Buffer | null = $derived.by(() => {
		if (!this.job) return looseBuffer(this.kg, { width: this.width, height: this.height });
		if (!this.plan?.window || !this.decided) return null;
		return bufferOf(
			this.decided,
			this.plan.window,
			each(this.plan.hold).map((hold) => hold.sheetGrams),
			shopFor(this.shop, this.decided.cutIn).house
		);
	});
	readonly roomName = $derived(this.ownRoom?.name ?? TYPICAL_ROOMS.find(({ id }) => id === this.room)?.name ?? '');

	/** The light of a typical place, or of one of the shop's own. */
	choosePlace(value: string): void {
		const own = this.places.find(({ name }) => `own ${name}` === value);
		if (own) {
			this.placeName = own.name;
			this.exposure = { sources: [{ lux: own.lux, hoursPerDay: own.hoursPerDay, uv: own.uv }], monthsPerYear: own.monthsPerYear };
		} else if (value in ROOMS) {
			this.placeName = ROOMS[value as RoomId].name;
			this.exposure = exposureIn(value as RoomId);
		}
	}

	/** The place as the list of places would choose it; empty when its light is its own. */
	readonly chosenPlace = $derived.by(() => {
		const own = this.places.find(({ name }) => name === this.placeName);
		if (own) return `own ${own.name}`;
		return Object.entries(ROOMS).find(([, { name }]) => name === this.placeName)?.[0] ?? '';
	});
}
