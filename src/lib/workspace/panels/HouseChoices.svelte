<script lang="ts">
	/** What the house chose where the job says nothing; taking it is a decision of its own, and only then is the station ticked. */
	import type { Assumed } from '$core/job/material.ts';
	import { useWorkspace } from '../context.ts';
	import { lastOf, nth } from '$core/units/there.ts';

	type Station = 'intake' | 'window' | 'guard' | 'hold' | 'frame' | 'back' | 'wall';
	type Props = { at: Station };
	const { at }: Props = $props();
	const { editor } = useWorkspace();

	/** Where in the file each station's choices are. */
	const PLACES: Record<Station, readonly string[]> = {
		intake: ['aim', 'piece', 'place'],
		window: ['window', 'mats', 'borders'],
		guard: ['guard'],
		hold: ['hold'],
		frame: ['frame'],
		back: ['back'],
		wall: ['hang']
	};
	const here = $derived(editor.settled.job.assumed.filter(({ path }) => PLACES[at].includes(nth(path.split(/[.[]/), 0))));
	const isAnswered = $derived(editor.settled.job.answered.has(at));

	/** `guard.underMat` → `Under mat`, `window.overlap` → `Overlap`. */
	function nameOf({ path }: Assumed): string {
		const words = lastOf(path.split('.'))
			.replace(/\[\d+\]/g, '')
			.replace(/([a-z])([A-Z])/g, '$1 $2')
			.toLowerCase();
		return nth(words, 0).toUpperCase() + words.slice(1);
	}

	function take() {
		editor.put(['answered'], [...(editor.file.answered ?? []), at]);
	}
</script>

{#if here.length > 0 || !isAnswered}
	<div class="group house">
		{#if !isAnswered}
			<p>Nothing chosen here yet.{here.length > 0 ? ' The plan uses the shop’s choices:' : ''}</p>
		{:else}
			<h2>Shop’s choices</h2>
		{/if}
		{#if here.length > 0}
			<dl>
				{#each here as one (one.path)}<dt>{nameOf(one)}</dt>
					<dd class="figures">{one.is}</dd>{/each}
			</dl>
		{/if}
		{#if !isAnswered}<button type="button" class="btn preset-outlined-brand" onclick={take}>Use the shop’s choices</button>{/if}
	</div>
{/if}

<style>
	.house {
		font-size: 13.5px;
	}
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px 12px;
	}
	dt {
		color: var(--quiet);
	}
	.btn {
		justify-self: start;
	}
</style>
