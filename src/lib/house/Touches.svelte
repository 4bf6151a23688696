<script lang="ts" generics="T">
	/** Before a change of a list is kept: which jobs it touches, and what comes out otherwise in each. */
	import type { ShopList } from './shop-list.svelte.ts';

	type Props = {
		list: ShopList<T>;
		isChanged: boolean;
		/** Something typed can't be read yet. */
		isFaulty: boolean;
		onlook: () => void;
		onkeep: () => void;
	};
	const { list, isChanged, isFaulty, onlook, onkeep }: Props = $props();
	/** So many are named. */
	const NAMED = 40;
	const heading = $derived.by(() => {
		if (!list.touches) return '';
		const { jobs, looked, more } = list.touches;
		if (jobs.length === 0) return looked === 0 ? 'There are no open jobs yet.' : `No open job changes (${looked} checked).`;
		const counted = `${jobs.length}${more ? ' and more' : ''} of ${looked} open jobs`;
		return `${counted} ${jobs.length === 1 ? 'is' : 'are'} changed by it:`;
	});
</script>

<footer aria-live="polite">
	{#if list.touches}
		<div class="touches">
			<p><strong>{heading}</strong></p>
			<ul>
				{#each list.touches.jobs.slice(0, NAMED) as job (job.number)}
					<li>
						<a class="anchor" href="/jobs/{job.number}">{job.number}</a>
						{job.title}: {job.changes.length === 0 ? 'nothing changes' : job.changes.join('; ')}
					</li>
				{/each}
				{#if list.touches.jobs.length > NAMED}<li>and {list.touches.jobs.length - NAMED} more</li>{/if}
			</ul>
		</div>
	{/if}
	<div class="bar">
		{#if list.refused}<p class="fault" role="alert">{list.refused}</p>{/if}
		{#if isChanged && !list.touches}<p class="quiet">
				{list.busy ? 'Checking open jobs …' : 'Changed here, not saved yet.'}
			</p>{/if}
		{#if isChanged}
			{#if list.touches}<button type="button" class="btn preset-filled-brand" disabled={list.busy || isFaulty} onclick={onkeep}
					>Save the change</button
				>{:else}<button type="button" class="btn preset-filled-brand" disabled={list.busy || isFaulty} onclick={onlook}
					>See which jobs change</button
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
	/* However many jobs there are, what keeps the change is in sight. */
	.bar {
		position: sticky;
		bottom: 0;
		background: var(--sheet);
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
