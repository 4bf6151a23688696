<script lang="ts">
	/** Chosen jobs are made one set: the frame, mats and borders of the first; all of it is taken back by one press. */
	import type { JobFile } from '$core/job/definition.ts';
	import { asInSet } from '$core/wall/one-set.ts';
	import { sayDone } from '$lib/ui/toasts.ts';
	import type { WallDesk } from './wall-desk.svelte.ts';

	type Props = { desk: WallDesk; /** What hangs there is read anew. */ onchanged: () => Promise<void> };
	const { desk, onchanged }: Props = $props();
	const ABOUT = 'one set';
	/** In the order in which they hang, from the left. */
	const jobs = $derived(
		desk.plan.pictures
			.filter(({ id }) => desk.chosen.includes(id))
			.toSorted((one, other) => one.left - other.left)
			.flatMap(({ id }) => desk.file.pictures.find((one) => one.id === id)?.job ?? [])
	);
	let says = $state<readonly string[]>([]);
	let busy = $state(false);

	type Kept = { number: string; rev: number; job: JobFile };
	type Answer = { rev: number; job: JobFile; faults?: { says: string }[] };

	async function get(number: string): Promise<Kept> {
		const answer = (await (await fetch(`/api/jobs/${number}`)).json()) as Answer;
		return { number, rev: answer.rev, job: answer.job };
	}

	/** @returns the revision that it has then; or why it was not kept */
	async function put(number: string, rev: number, job: JobFile, reason: string): Promise<number | string> {
		const response = await fetch(`/api/jobs/${number}?reason=${encodeURIComponent(reason)}`, {
			method: 'PUT',
			headers: { 'content-type': 'application/json', 'if-match': `"${rev}"` },
			body: JSON.stringify(job)
		});
		const answer = (await response.json()) as Answer;
		if (response.ok) return answer.rev;
		return response.status === 409 ? 'it has changed since' : (answer.faults?.[0]?.says ?? 'the server refused it');
	}

	async function make() {
		const [leads, ...others] = jobs;
		if (leads === undefined) return;
		busy = true;
		says = [];
		try {
			const first = await get(leads);
			const done: Kept[] = [];
			for (const number of others) {
				const before = await get(number);
				const next = asInSet(before.job, first.job);
				const rev = typeof next === 'string' ? next : await put(number, before.rev, next, `one set with ${leads}`);
				if (typeof rev === 'string') says = [...says, `${number} stays as it is: ${rev}.`];
				else done.push({ ...before, rev });
			}
			await onchanged();
			if (done.length > 0)
				sayDone(ABOUT, `${done.map(({ number }) => number).join(', ')}: frame and mats of ${leads}.`, {
					label: 'Undo the set',
					go: () => void undo(done)
				});
		} catch {
			says = [...says, 'No connection to the server: the others stay unchanged.'];
		} finally {
			busy = false;
		}
	}

	async function undo(done: readonly Kept[]) {
		for (const { number, rev, job } of done) {
			const back = await put(number, rev, job, 'no longer one set');
			if (typeof back === 'string') says = [...says, `${number} could not be undone: ${back}.`];
		}
		await onchanged();
	}
</script>

{#if jobs.length > 1}
	<p>
		<button type="button" class="btn btn-sm preset-outlined-brand" disabled={busy} onclick={make}
			>Make them one set, by {jobs[0]}</button
		>
		<span class="quiet">same frame, mats and borders for all</span>
	</p>
{/if}
{#each says as line (line)}<p class="fault" role="alert">{line}</p>{/each}

<style>
	.fault {
		color: var(--stop);
	}
</style>
