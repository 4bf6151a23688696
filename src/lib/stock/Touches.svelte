<script lang="ts">
	/** Before a change is kept: which jobs it touches, and what comes out otherwise in each. */
	import type { CatalogueDesk } from './catalogue.svelte.ts';

	type Props = { desk: CatalogueDesk };
	const { desk }: Props = $props();
</script>

<footer aria-live="polite">
	{#if desk.touches}
		<div class="touches">
			<p>
				<strong
					>{desk.touches.jobs.length === 0
						? `None of ${desk.touches.looked} jobs uses it.`
						: `${desk.touches.jobs.length} of ${desk.touches.looked} jobs ${desk.touches.jobs.length === 1 ? 'uses' : 'use'} what was changed:`}</strong
				>
			</p>
			<ul>
				{#each desk.touches.jobs as job (job.number)}
					<li>
						<a class="anchor" href="/jobs/{job.number}?at=guard">{job.number}</a>
						{job.title}: {job.changes.length === 0 ? 'nothing comes out otherwise' : job.changes.join('; ')}
					</li>
				{/each}
			</ul>
		</div>
	{/if}
	<div class="bar">
		{#if desk.refused}<p class="fault" role="alert">{desk.refused}</p>{/if}
		{#if desk.changed && !desk.touches}<p class="quiet">Changed here, not kept yet.</p>{/if}
		{#if desk.changed}
			{#if desk.touches}<button
					type="button"
					class="btn preset-filled-brand"
					disabled={desk.busy || desk.faulty}
					onclick={() => desk.keep()}>Keep the change</button
				>{:else}<button
					type="button"
					class="btn preset-filled-brand"
					disabled={desk.busy || desk.faulty}
					onclick={() => desk.look()}>See which jobs it touches</button
				>{/if}
		{/if}
	</div>
</footer>

<style>
	footer:not(:has(p)) {
		display: none;
	}
	footer {
		background: var(--sheet);
		border-top: 1px solid var(--line-strong);
		max-height: 38vh;
		overflow-y: auto;
	}
	.touches {
		padding: 10px 16px 0;
	}
	.touches li {
		padding: 2px 0;
	}
	.bar {
		display: flex;
		align-items: center;
		justify-content: flex-end;
		gap: 14px;
		padding: 8px 16px;
	}
	.bar:empty {
		display: none;
	}
	.fault {
		color: var(--stop);
		font-size: var(--text-sm);
	}
</style>
