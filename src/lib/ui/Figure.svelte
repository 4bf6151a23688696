<script lang="ts">
	/** A figure of the plan: press it to see where it comes from. */
	import { figureText, figureWithUnit } from '$core/views/why/figure-text.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';

	type Props = {
		path: string;
		value: number;
		name: string;
		/** With the word of its unit: where no column carries it. */
		withUnit?: boolean;
		/** Shown as it is: where a list says it in its own way. */
		text?: string;
	};
	const { path, value, name, withUnit = false, text }: Props = $props();
	const workspace = useWorkspace();
	const shown = $derived(text ?? (withUnit ? figureWithUnit : figureText)(value, path, workspace.editor.reader));
</script>

<button type="button" class="figure" aria-label="{name} {shown}, explain" onclick={() => workspace.ask(path)}>{shown}</button>

<style>
	.figure {
		font: inherit;
		font-variant-numeric: tabular-nums;
		color: inherit;
		background: none;
		padding: 1px 2px;
		text-decoration: underline dotted var(--line-strong);
		text-underline-offset: 3px;
		cursor: help;
		white-space: nowrap;
	}
	.figure:hover {
		color: var(--accent);
		text-decoration-color: var(--accent);
	}
</style>
