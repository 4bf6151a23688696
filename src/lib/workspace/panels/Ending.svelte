<script lang="ts">
	/** Whether the job is worked on, and the way out of one that was begun and left. */
	import { goto } from '$app/navigation';
	import { isEmptyJob } from '$core/job/is-empty.ts';
	import { planSteps } from '$core/views/bench/steps.ts';
	import { folded, type Run } from '$core/views/bench/run.ts';
	import { notDoneYet } from '$core/views/hand-over.ts';
	import type { BenchAnswer } from '$lib/server/bench.ts';
	import { sameAgain } from '$core/job/same-again.ts';
	import { JOB_STATE_NAMES, JOB_STATES, type JobState } from '$core/job/state.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import { askServer } from '$lib/ui/ask-server.ts';
	import { sayDone } from '$lib/ui/toasts.ts';
	import { useWorkspace } from '../context.ts';
	import { nth } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const OPTIONS = JOB_STATES.map((value) => ({ value, label: JOB_STATE_NAMES[value] }));
	let trouble = $state('');
	/** What is not done, while it is asked whether it is handed over all the same. */
	let left = $state.raw<readonly string[]>([]);
	const isEmpty = $derived(isEmptyJob(editor.file));

	/** Asked once; what is done is handed over without a question. */
	async function choose(state: JobState) {
		left = state === 'handed-over' && editor.keeping.ended === 'open' ? await notDone() : [];
		if (left.length === 0) await end(state);
	}

	async function notDone(): Promise<string[]> {
		if (editor.faults.length > 0) return editor.faults.map(({ says }) => says);
		const { job, plan } = editor.settled;
		const asked = await askServer<BenchAnswer>('GET', `/api/jobs/${editor.number}/bench`);
		const run: Run | null = asked.ok && asked.answer.run > 0 ? folded(asked.answer.events) : null;
		const steps = planSteps(job, plan, editor.shopIn(job.cutIn));
		return notDoneYet({ plan, job }, steps, run, asked.ok ? asked.answer.now : Date.now());
	}

	async function end(state: JobState) {
		left = [];
		if (state === editor.keeping.ended) return;
		const before = editor.keeping.ended;
		if (!(await send('/state', { method: 'PUT', body: JSON.stringify({ state }) }))) return;
		editor.keeping.ended = state;
		sayDone('state', `${editor.number}: ${JOB_STATE_NAMES[state].toLowerCase()}.`, { label: 'Undo', go: () => void end(before) });
	}

	/** Another piece with these decisions. */
	async function again() {
		trouble = '';
		try {
			const response = await fetch('/api/jobs', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(sameAgain(editor.file))
			});
			const answer = (await response.json()) as { number: string; faults?: { says: string }[] };
			if (response.ok) await goto(`/jobs/${answer.number}?at=intake`);
			else trouble = nth(answer.faults ?? [], 0).says;
		} catch {
			trouble = 'The server does not answer. Nothing was created; try again in a moment.';
		}
	}

	async function remove() {
		if (await send('', { method: 'DELETE' })) await goto('/');
	}

	async function send(path: string, request: RequestInit): Promise<boolean> {
		trouble = '';
		try {
			const response = await fetch(`/api/jobs/${editor.number}${path}`, {
				...request,
				headers: { 'content-type': 'application/json' }
			});
			if (response.ok) return true;
			trouble = nth(((await response.json()) as { faults: { says: string }[] }).faults, 0).says;
		} catch {
			trouble = 'The server does not answer. Nothing was changed; try again in a moment.';
		}
		return false;
	}
</script>

<div class="group">
	<h2>This job</h2>
	<Choice label="This job is" value={editor.keeping.ended} options={OPTIONS} onchange={choose} compact />
	{#if left.length > 0}<div class="left" role="alert" {@attach (node) => node.scrollIntoView({ block: 'nearest' })}>
			<p><strong>Not done yet</strong></p>
			<ul>
				{#each left as says, at (at)}<li>{says}</li>{/each}
			</ul>
			<p class="ways">
				<button type="button" class="btn btn-sm preset-outlined-brand" onclick={() => end('handed-over')}>Hand over anyway</button
				>
				<button type="button" class="btn btn-sm preset-quiet" onclick={() => (left = [])}>Not yet</button>
			</p>
		</div>{/if}
	<p class="quiet">
		{editor.keeping.ended === 'open'
			? 'It stays on Today’s list until it is handed over or archived.'
			: 'It is off Today’s list. It can still be found and reopened.'}
	</p>
	{#if !isEmpty}<p>
			<button type="button" class="btn btn-sm preset-outlined-brand" onclick={again}>Copy as a new piece</button>
		</p>{/if}
	{#if isEmpty}
		<p>
			This piece is empty. <button type="button" class="btn btn-sm preset-quiet" onclick={remove}>Delete it</button>
		</p>
	{/if}
	{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
</div>

<style>
	.left {
		margin: 8px 0;
		border-left: 4px solid var(--caution);
		padding-left: 10px;
	}
	.left li {
		padding: 2px 0;
	}
	.trouble {
		color: var(--stop);
	}
</style>
