<script lang="ts">
	/** The list of keys. */
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';

	type Props = { onclose: () => void };
	const { onclose }: Props = $props();
	const KEYS = [
		['1 … 9, 0, -', 'open a station and go into its first field'],
		['Esc', 'leave a field; shortcuts work again'],
		['[ ]', 'previous view, next view'],
		['Z', 'draw a zone on the sheet'],
		['L', 'the corner of the window, enlarged'],
		['U', 'mm or inch'],
		['D', 'bench light: dark, high contrast; again for day'],
		['N', 'new piece, on Today'],
		['/', 'find, on Today'],
		['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
		['J, B', 'the job sheet, the back label'],
		['T, H', 'the template of the back, the care sheet'],
		['R', 'the bench run'],
		['Ctrl P', 'print: in a job its job sheet'],
		['↑ ↓', 'in a length: one step, with Shift ten'],
		['← ↑ → ↓', 'on an edge or a zone of the drawing: move it; Alt: a zone’s size'],
		['Enter, Esc', 'in a length: accept, cancel'],
		['?', 'this list']
	];
</script>

<Dialog open onOpenChange={({ open }) => !open && onclose()} modal={false}>
	<Portal>
		<Dialog.Positioner>
			<Dialog.Content class="card slip keys">
				<Dialog.Title>Keys</Dialog.Title>
				<dl>
					{#each KEYS as [key, does] (key)}<dt>{key}</dt>
						<dd>{does}</dd>{/each}
				</dl>
				<Dialog.CloseTrigger class="btn preset-outlined-brand">Close</Dialog.CloseTrigger>
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	:global(.keys) {
		position: fixed;
		right: 16px;
		top: 56px;
		z-index: 20;
		width: 380px;
		max-width: calc(100vw - 32px);
		padding: 16px 20px;
	}
	:global(.keys [data-part='title']) {
		font-family: var(--serif);
		font-weight: 600;
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
