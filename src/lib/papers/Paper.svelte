<script lang="ts">
	/** One page of paper, in mm; prints on its own size. */
	import type { Snippet } from 'svelte';
	import type { PaperSize } from '$core/shop/about.ts';

	type Props = { size: PaperSize | 'back-label'; children: Snippet };
	const { size, children }: Props = $props();
</script>

<div class="paper-page by-day {size}">{@render children()}</div>

<style>
	.paper-page {
		margin: 8mm auto;
		background: #fff;
		box-shadow: 0 1px 6px rgb(27 38 44 / 22%);
		padding: 10mm 9mm;
		font-size: 9pt;
		line-height: 1.3;
	}
	.a4 {
		width: 210mm;
		min-height: 297mm;
		page: a4;
	}
	.letter {
		width: 215.9mm;
		min-height: 279.4mm;
		page: letter;
	}
	.back-label {
		width: 100mm;
		height: 70mm;
		padding: 4mm 5mm;
		page: back-label;
		overflow: hidden;
	}
	@media print {
		.paper-page {
			margin: 0;
			box-shadow: none;
			break-after: page;
			min-height: 0;
		}
		.paper-page:last-child {
			break-after: auto;
		}
	}
	:global {
		@page a4 {
			size: 210mm 297mm;
			margin: 0;
		}
		@page letter {
			size: 215.9mm 279.4mm;
			margin: 0;
		}
		@page back-label {
			size: 100mm 70mm;
			margin: 0;
		}
	}
</style>
