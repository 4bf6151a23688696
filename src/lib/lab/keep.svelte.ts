/** What the laboratory sends and fetches: rooms, results, places, the light meter; and what it says about it. */
import { goto } from '$app/navigation';
import type { Combination, YearResult } from '$core/advice/combinations.ts';
import type { LoggerYear } from '$core/stations/climate/logger.ts';
import { patched } from '$core/job/patch.ts';
import { putLight } from '$core/job/place.ts';
import { ROOMS } from '$core/shop/places.ts';
import { showNumber } from '$core/units/show.ts';
import { readLightMeter } from '$lib/light/meter.ts';
import type { ListedRoom } from '$lib/server/db/rooms.ts';
import type { Lab, OwnRoom } from './lab.svelte.ts';
import { known, nth, there } from '$core/units/there.ts';

export type KeptResult = { rev: number; at: string; result: { room: string; results: (YearResult & Combination)[] } };
type Answered = { faults?: { says: string }[]; id?: string };

export class LabKeep {
	rooms = $state<ListedRoom[]>([]);
	/** Results that stand with the job. */
	results = $state.raw<KeptResult[]>([]);
	said = $state('');
	refused = $state('');
	readonly #lab: Lab;

	constructor(lab: Lab, rooms: ListedRoom[]) {
		this.#lab = lab;
		this.rooms = rooms;
	}

	async loadResults(): Promise<void> {
		const { job } = this.#lab;
		if (!job) return;
		try {
			const response = await fetch(`/api/jobs/${job.number}/climate`);
			if (response.ok) this.results = ((await response.json()) as { kept: KeptResult[] }).kept;
		} catch {
			// What was kept is shown when the server answers again.
		}
	}

	/** A typical room by its id, or `room 3`. */
	async chooseRoom(value: string): Promise<void> {
		this.refused = '';
		this.#lab.picked = null;
		if (!value.startsWith('room ')) {
			this.#lab.ownRoom = null;
			this.#lab.room = value;
			return;
		}
		try {
			const response = await fetch(`/api/rooms/${value.slice(5)}`);
			if (!response.ok) throw new Error(String(response.status));
			this.#lab.ownRoom = { ...((await response.json()) as Omit<OwnRoom, 'kept'>), kept: true };
			this.#lab.room = value;
		} catch {
			this.refused = 'This room can’t be loaded: the server does not answer.';
		}
	}

	/** A logger's file that was read: the room is looked at, and can be kept. */
	takeRoom({ from, to, rows, readings, gaps, notes }: LoggerYear, name: string): void {
		this.#lab.picked = null;
		this.#lab.room = 'file';
		this.#lab.ownRoom = { name, begins: from, readings, gaps, kept: false };
		const named = gaps.length === 1 ? 'One gap' : `${gaps.length} gaps`;
		this.said = [
			`${showNumber(rows, 0)} rows from ${from} to ${to}.`,
			...notes,
			gaps.length === 0 ? 'No gaps.' : `${named}, interpolated:`
		].join(' ');
	}

	async keepRoom(): Promise<void> {
		const room = this.#lab.ownRoom;
		if (!room) return;
		const { name, begins, gaps } = room;
		const readings = room.readings.map(([hour, rh, celsius]) => [hour, hundredth(rh), hundredth(celsius)]);
		const answer = await this.#send('/api/rooms', 'POST', { name, begins, readings, gaps });
		if (!answer) return;
		this.#lab.ownRoom = { ...room, kept: true };
		this.#lab.room = `room ${answer.id}`;
		this.rooms = [...this.rooms, { id: there(answer.id, 'id'), name, begins, hours: readings.length, gaps }];
		this.said = `“${name}” is saved.`;
	}

	/** What the year came to stays with the job. */
	async keepResult(): Promise<void> {
		const { job, run, roomName } = this.#lab;
		if (!job || !run.year) return;
		const byId = Object.fromEntries(run.year.results.map((result) => [result.id, result]));
		const results = run.year.combinations.map(({ id, own, backName, seal, tauDays, halfDays }) => ({
			own,
			backName,
			seal,
			tauDays,
			halfDays,
			...known(byId, id)
		}));
		if (!(await this.#send(`/api/jobs/${job.number}/climate`, 'POST', { rev: job.rev, room: roomName.slice(0, 80), results })))
			return;
		this.said = `Saved with ${job.number}.`;
		await this.loadResults();
	}

	/** The light as it stands here, put into the job. */
	async usePlace(): Promise<void> {
		const { job, exposure, placeName } = this.#lab;
		if (!job) return;
		const [first, ...others] = exposure.sources;
		const light = others.length > 0 ? { sources: exposure.sources } : there(first, 'first');
		const place = { room: 'other', name: placeName || 'its place', ...light, monthsPerYear: exposure.monthsPerYear } as const;
		const next = patched(job.file, putLight(job.file, place));
		const answer = await this.#send(`/api/jobs/${job.number}?reason=place`, 'PUT', next, { 'if-match': `"${job.rev}"` });
		if (answer) await goto(`/jobs/${job.number}?at=guard&view=layers`);
	}

	/** The place among the shop's own; one of the same name is replaced. */
	async keepPlace(): Promise<void> {
		const { exposure, placeName } = this.#lab;
		const place = { name: placeName.trim(), ...nth(exposure.sources, 0), monthsPerYear: exposure.monthsPerYear };
		const response = await fetch('/api/shop/places').catch(() => null);
		if (!response?.ok) return void (this.refused = 'The server can’t be reached. Your entry stays here until it answers.');
		const { rev, places } = (await response.json()) as { rev: number; places: (typeof place)[] };
		const next = [...places.filter(({ name }) => name !== place.name), place];
		if (!(await this.#send('/api/shop/places', 'PUT', { places: next }, { 'if-match': `"${rev}"` }))) return;
		this.#lab.places = next;
		this.said = `“${place.name}” is saved among the shop’s places.`;
	}

	async readMeter(): Promise<void> {
		const { chosenPlace, placeName, exposure } = this.#lab;
		const read = await readLightMeter(chosenPlace in ROOMS ? chosenPlace : 'living-room');
		if (!read.ok) return void (this.refused = read.says);
		this.#lab.placeName = `${placeName.replace(/, read$/, '')}, measured`;
		this.#lab.exposure = { ...exposure, sources: [{ ...nth(exposure.sources, 0), lux: read.lux, uv: read.uv }] };
		this.said = `Measured: ${read.lux} lx, ${read.uv} µW/lm (simulated meter).`;
	}

	/** Null when it was not taken; `refused` then says why. */
	async #send(path: string, method: string, body: unknown, headers: Record<string, string> = {}): Promise<Answered | null> {
		this.refused = '';
		try {
			const response = await fetch(path, {
				method,
				headers: { 'content-type': 'application/json', ...headers },
				body: JSON.stringify(body)
			});
			const answered = (await response.json()) as Answered;
			if (response.ok) return answered;
			this.refused = answered.faults?.[0]?.says ?? 'The server refused it.';
		} catch {
			this.refused = 'The server can’t be reached. Your settings stay here until it answers.';
		}
		return null;
	}
}

function hundredth(value: number): number {
	return Number(value.toFixed(2));
}
