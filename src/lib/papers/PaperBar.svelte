<script lang="ts">
	/** Above a paper: where it belongs, its size, and printing. Not printed. */
	import Bar from '$lib/ui/Bar.svelte';
	import Choice from '$lib/ui/Choice.svelte';
	import type { PaperSize } from '$core/shop/about.ts';

	type Props = {
		/** Of a job: its number and title. */
		number?: string;
		title?: string;
		/** Else where it belongs. */
		to?: string;
		says?: string;
		size?: PaperSize;
		onsize?: (size: PaperSize) => void;
	};
	const { number = '', title = '', to, says, size, onsize }: Props = $props();
	const SIZES = [
		{ value: 'a4', label: 'A4' },
		{ value: 'letter', label: 'Letter' }
	] as const;
</script>

<div class="paper-bar">
	<Bar>
		<a class="which" href={to ?? `/jobs/${number}`}
			>{#if says}{says}{:else}<span class="figures">{number}</span> {title}{/if}</a
		>
		{#if size && onsize}<div class="size">
				<Choice label="Paper" value={size} options={SIZES} onchange={onsize} compact dark />
			</div>{/if}
		<button type="button" class="btn preset-filled-brand" onclick={() => print()}>Print</button>
	</Bar>
</div>

<style>
	.which {
		flex: 1;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.size {
		width: 130px;
	}
	@media print {
		.paper-bar {
			display: none;
		}
	}
</style>
