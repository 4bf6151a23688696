<script lang="ts">
	/** The list of keys. */
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';

	type Props = { onclose: () => void };
	const { onclose }: Props = $props();
	const KEYS: readonly (readonly [key: string, does: string])[] = [
		['/, Ctrl K', 'find anything: pieces, walls, materials, orders, places'],
		['1 … 9, 0, -', 'open a station and go into its first field'],
		['Esc', 'leave a field; shortcuts work again'],
		['[ ]', 'previous view, next view'],
		['Z', 'draw a zone on the sheet'],
		['L', 'the corner of the window, enlarged'],
		['U', 'mm or inch'],
		['D', 'bench light: dark, high contrast; again for day'],
		['N', 'new piece, on Today'],
		['Ctrl Z, Ctrl Y', 'undo, redo; Ctrl Shift Z too'],
		['J, B', 'the job sheet, the back label'],
		['T, H', 'the template of the back, the care sheet'],
		['R', 'the bench run'],
		['Ctrl P', 'print: in a job its job sheet'],
		['↑ ↓', 'in a length: one step, with Shift ten'],
		['← ↑ → ↓', 'on an edge or a zone of the drawing: move it; Alt: a zone’s size'],
		['Enter, Esc', 'in a length: accept, cancel'],
		['At the bench', ''],
		['Space', 'begin; done, go on'],
		['←', 'back a step'],
		['X', 'something is wrong'],
		['R', 'read aloud; when centring, measure again'],
		['At a cutting plan', ''],
		['Space or →, ←', 'the next cut, the one before'],
		['?', 'this list']
	];
</script>

<Dialog open onOpenChange={({ open }) => !open && onclose()} modal={false}>
	<Portal>
		<Dialog.Positioner>
			<Dialog.Content class="card slip keys">
				<Dialog.Title>Keys</Dialog.Title>
				<!-- It scrolls, by the keys too. -->
				<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
				<div class="scrolls" tabindex="0" role="region" aria-label="Keys and what they do">
					<dl>
						{#each KEYS as [key, does] (key + does)}<dt class:head={does === ''}>{key}</dt>
							<dd>{does}</dd>{/each}
					</dl>
				</div>
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
	.head {
		grid-column: 1 / -1;
		margin-top: 6px;
		color: var(--soft);
	}
	.head + dd {
		display: none;
	}
	.scrolls {
		max-height: calc(100dvh - 190px);
		overflow-y: auto;
		position: relative;
	}
	dt {
		font-weight: 600;
	}
</style>
