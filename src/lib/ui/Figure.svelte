<script lang="ts">
	/** A figure of the plan: press it to see where it comes from. */
	import { showLength } from '$core/units/show.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';

	type Props = {
		path: string;
		value: number;
		name: string;
		fine?: boolean;
		/** Shown as it is: a count, a mass, an angle. */ text?: string;
	};
	const { path, value, name, fine = false, text }: Props = $props();
	const workspace = useWorkspace();
	const shown = $derived(text ?? showLength(value, workspace.editor.unit, fine).text);
</script>

<button type="button" class="figure" aria-label="{name} {shown}, say why" onclick={() => workspace.ask(path)}>{shown}</button>

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
