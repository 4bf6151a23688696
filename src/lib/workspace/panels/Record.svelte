<script lang="ts">
	import { format } from 'date-fns';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	type Revision = { rev: number; at: string; reason: string };

	async function load(_rev: number): Promise<Revision[]> {
		const response = await fetch(`/api/jobs/${editor.number}/revisions`);
		if (!response.ok) throw new Error(String(response.status));
		return ((await response.json()) as { revisions: Revision[] }).revisions;
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
			<li><a class="plain-link" href="/api/jobs/{editor.number}/front.svg" download>Front, SVG</a></li>
			<li><a class="plain-link" href="/api/jobs/{editor.number}/section.svg" download>Section, SVG</a></li>
			{#if editor.settled.plan.frame}<li>
					<a class="plain-link" href="/api/jobs/{editor.number}/back.svg" download>Back, SVG</a>
				</li>{/if}
			<li><a class="plain-link" href="/api/jobs/{editor.number}/cut.csv" download>Cut list, CSV</a></li>
		</ul>
	</div>
	<div class="group">
		<h2>Revisions</h2>
		{#if asked}
			{#await asked}
				<p class="quiet">Reading the revisions.</p>
			{:then revisions}
				<ol class="figures">
					{#each revisions as revision (revision.rev)}<li>
							<span>{revision.rev}</span> kept {format(new Date(revision.at), 'd MMM yyyy, HH:mm:ss')}
						</li>{/each}
				</ol>
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
	ol span {
		display: inline-block;
		width: 32px;
		font-weight: 600;
	}
</style>
