<script lang="ts">
	/** The list of keys. */
	type Props = { onclose: () => void };
	const { onclose }: Props = $props();
	let panel: HTMLElement;
	const KEYS = [
		['1 … 9, 0', 'open a station, outside of a field'],
		['[ ]', 'the view before, the next'],
		['Z', 'draw a zone on the sheet'],
		['L', 'the corner of the window, enlarged'],
		['U', 'mm or inch'],
		['N', 'new piece, on Today'],
		['/', 'find, on Today'],
		['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
		['Ctrl P', 'the job sheet'],
		['↑ ↓', 'in a length: one step, with Shift ten'],
		['← ↑ → ↓', 'on an edge or a zone of the drawing: move it; Alt: a zone’s size'],
		['Enter, Esc', 'in a length: take and walk on, put back'],
		['?', 'this list']
	];
	$effect(() => panel.focus());
</script>

<div
	bind:this={panel}
	class="slip"
	role="dialog"
	tabindex="-1"
	aria-label="List of keys"
	onkeydown={(event) => event.key === 'Escape' && onclose()}
>
	<h2>Keys</h2>
	<dl>
		{#each KEYS as [key, does] (key)}<dt>{key}</dt>
			<dd>{does}</dd>{/each}
	</dl>
	<button type="button" class="press" onclick={onclose}>Close</button>
</div>

<style>
	.slip {
		position: fixed;
		right: 16px;
		top: 56px;
		width: 380px;
		max-width: calc(100vw - 32px);
		padding: 16px 20px;
		background: #fff;
		border: 1px solid var(--bar);
		box-shadow: 0 6px 20px rgb(27 38 44 / 18%);
		z-index: 8;
	}
	h2 {
		font-size: 18px;
		margin-bottom: 8px;
	}
	dl {
		display: grid;
		grid-template-columns: 150px 1fr;
		gap: 4px 8px;
		margin-bottom: 12px;
	}
	dt {
		font-weight: 600;
	}
</style>
