<script lang="ts">
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { showDate } from '$lib/ui/days.ts';
	import type { JobFile } from '$core/job/definition.ts';
	import Pages from '$lib/ui/Pages.svelte';
	import { useWorkspace } from '../context.ts';
	import { fixedBy, heldBy, lightOn, seenBy, warnings } from '$core/views/bench/label-words.ts';
	import { lookAgain } from '$core/views/care/look-again.ts';
	import { filesOf } from '../files.ts';
	import BenchRecord from './BenchRecord.svelte';
	import Ending from './Ending.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';

	const { editor, look } = useWorkspace();
	type Revision = { rev: number; at: string; reason: string };

	async function load(_rev: number): Promise<Revision[]> {
		const response = await fetch(`/api/jobs/${editor.number}/revisions`);
		if (!response.ok) throw new Error(String(response.status));
		return ((await response.json()) as { revisions: Revision[] }).revisions;
	}
	const files = $derived(filesOf(editor.number, editor.settled.plan));
	/** As many as are seen without scrolling the panel away. */
	const ON_A_PAGE = 20;
	let pageOf = $state(1);
	let refusal = $state('');

	/** A revision stands beside the job, to be looked at and taken up again. */
	async function lookAt(rev: number) {
		refusal = '';
		try {
			const response = await fetch(`/api/jobs/${editor.number}?rev=${rev}`);
			if (!response.ok) throw new Error(String(response.status));
			editor.showRevision(rev, ((await response.json()) as { job: JobFile }).job);
			look('compare');
		} catch {
			refusal = `Revision ${rev} cannot be shown: the server does not answer, or an older version of the program saved it.`;
		}
	}
	/** The same words as on label and care sheet. */
	const kept = $derived.by(() => {
		const { job, plan } = editor.settled;
		const again = lookAgain(job, plan, editor.shopIn(job.cutIn).house);
		return [
			['Beware', warnings(job)],
			['Seen by', seenBy(job)],
			['Light', SCOPE_OF[job.scope].pack ? lightOn(job, plan, editor.shopIn(job.cutIn).house) : ''],
			['Light class', job.piece.fadeBecause],
			['Fixed', fixedBy(job)],
			['Held by', plan.hold ? heldBy(job, plan) : ''],
			[
				'Check again',
				again
					? again.years === null
						? 'when it changes hands'
						: `after ${again.years} ${again.years === 1 ? 'year' : 'years'}`
					: ''
			]
		].filter(([, says]) => says !== '');
	});
	const asked = $derived(typeof window === 'undefined' ? null : load(editor.keeping.rev));
</script>

<Panel name="Record" about="Papers, files and every saved revision.">
	<div class="group">
		<h2>Papers</h2>
		<ul>
			{#each files.papers as { name, href } (href)}<li><a class="anchor" {href}>{name}</a></li>{/each}
		</ul>
	</div>
	<div class="group">
		<h2>Files, in mm</h2>
		<ul>
			{#each files.files as { name, kind, href } (href)}
				<li><a class="anchor" {href} download aria-label="{name}, {kind}">{name}, {kind}</a></li>
			{/each}
		</ul>
	</div>
	{#if kept.length > 0}<div class="group">
			<h2>Record</h2>
			<dl>
				{#each kept as [name, says] (name)}<dt>{name}</dt>
					<dd>{says}</dd>{/each}
			</dl>
		</div>{/if}
	<BenchRecord />
	{#if !editor.blind}<Ending />{/if}
	<Schools at="record" />
	<div class="group">
		<h2>Revisions</h2>
		{#if asked}
			{#await asked}
				<p class="quiet">Loading revisions.</p>
			{:then revisions}
				<ol class="figures">
					{#each revisions.slice((pageOf - 1) * ON_A_PAGE, pageOf * ON_A_PAGE) as revision (revision.rev)}<li>
							<span class="rev">{revision.rev}</span>
							<span>{showDate(new Date(revision.at), 'second', page.data.dates as DateLanguage)}</span>
							<button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="compare revision {revision.rev}"
								onclick={() => lookAt(revision.rev)}>compare</button
							>
						</li>{/each}
				</ol>
				<Pages
					label="Pages of revisions"
					count={revisions.length}
					size={ON_A_PAGE}
					page={pageOf}
					onpage={(next) => (pageOf = next)}
				/>
				{#if refusal}<p class="refusal" role="alert">{refusal}</p>{/if}
			{:catch}
				<p>No answer from the server. They load when it answers.</p>
			{/await}
		{/if}
	</div>
</Panel>

<style>
	li {
		padding: 2px 0;
	}
	ol li {
		display: grid;
		grid-template-columns: 32px 1fr auto;
		align-items: center;
	}
	dl {
		display: grid;
		grid-template-columns: 96px 1fr;
		gap: 3px 12px;
	}
	dt {
		color: var(--quiet);
	}
	.rev {
		font-weight: 600;
	}
	.refusal {
		color: var(--stop);
	}
</style>
