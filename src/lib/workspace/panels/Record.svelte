<script lang="ts">
	import { format } from 'date-fns';
	import type { JobFile } from '$core/job/definition.ts';
	import { useWorkspace } from '../context.ts';
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
	const sheets = $derived([
		{ name: 'front', said: 'Front' },
		{ name: 'section', said: 'Section' },
		...(editor.settled.plan.frame ? [{ name: 'back', said: 'Back' }] : []),
		{ name: 'cut', said: 'Parts that are cut' }
	]);
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
			refusal = `Revision ${rev} cannot be shown: the server does not answer, or an older version of the program kept it.`;
		}
	}
	const asked = $derived(typeof window === 'undefined' ? null : load(editor.rev));
</script>

<Panel name="Record" about="Papers, files and every revision that was kept.">
	<div class="group">
		<h2>Papers</h2>
		<ul>
			<li><a class="plain-link" href="/jobs/{editor.number}/sheet">Job sheet</a></li>
			<li><a class="plain-link" href="/jobs/{editor.number}/label">Back label</a></li>
		</ul>
	</div>
	<div class="group">
		<h2>Files, in mm</h2>
		<ul>
			{#each sheets as { name, said } (name)}
				<li>
					{said}:
					<a class="plain-link" href="/api/jobs/{editor.number}/{name}.svg" download aria-label="{said}, SVG">SVG</a>,
					<a class="plain-link" href="/api/jobs/{editor.number}/{name}.dxf" download aria-label="{said}, DXF">DXF</a>
				</li>
			{/each}
			<li><a class="plain-link" href="/api/jobs/{editor.number}/cut.csv" download>Cut list, CSV</a></li>
		</ul>
	</div>
	<Ending />
	<Schools at="record" />
	<div class="group">
		<h2>Revisions</h2>
		{#if asked}
			{#await asked}
				<p class="quiet">Reading the revisions.</p>
			{:then revisions}
				<ol class="figures">
					{#each revisions as revision (revision.rev)}<li>
							<span class="rev">{revision.rev}</span>
							<span>{format(new Date(revision.at), 'd MMM yyyy, HH:mm:ss')}</span>
							<button
								type="button"
								class="text-press"
								aria-label="compare revision {revision.rev}"
								onclick={() => lookAt(revision.rev)}>compare</button
							>
						</li>{/each}
				</ol>
				{#if refusal}<p class="refusal" role="alert">{refusal}</p>{/if}
			{:catch}
				<p>The server does not answer. They are shown when it does.</p>
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
	.rev {
		font-weight: 600;
	}
	.refusal {
		color: var(--stop);
	}
</style>
