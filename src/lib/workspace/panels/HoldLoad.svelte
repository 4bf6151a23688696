<script lang="ts">
	/** What a hinge carries beside what it may carry for years, and what the sheet would do that can't grow. */
	import { showShare } from '$core/units/show.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import { useWorkspace } from '../context.ts';
	import type { Hold } from '$core/figures/hold.ts';

	type Props = { hold: Hold };
	const { hold }: Props = $props();
	const { editor } = useWorkspace();
	const path = $derived(editor.figures.path);
	const share = $derived(hold.workingKPa > 0 ? hold.loadKPa / hold.workingKPa : 0);
</script>

<div class="load">
	<p>
		<span>Load on each hinge</span>
		<Figure
			path={path('hold.loadKPa')}
			name="Load of a hinge"
			value={hold.loadKPa}
			text={showShare(hold.loadKPa, hold.workingKPa)}
		/>
	</p>
	<div class="bar" class:over={share > 1} aria-hidden="true"><span style:width="{Math.min(100, share * 100)}%"></span></div>
	<p class="quiet">
		{share > 1
			? 'Overloaded: it creeps and drops the sheet.'
			: share < 0.01
				? 'Far below its long-term limit.'
				: 'Of its long-term limit.'}
	</p>
</div>

<style>
	.load p:first-child {
		display: flex;
		justify-content: space-between;
	}
	.bar {
		height: 8px;
		margin: 3px 0;
		background: var(--sheet);
		border: 1px solid var(--line-strong);
	}
	.bar span {
		display: block;
		height: 100%;
		min-width: 2px;
		background: var(--accent);
	}
	.over span {
		background: repeating-linear-gradient(135deg, var(--stop) 0 4px, #c9827f 4px 7px);
	}
	.quiet {
		font-size: var(--text-sm);
	}
</style>
