<script lang="ts">
	/** The one find: typed, arrowed, Enter. It hangs from the bar, kinds in its margin. */
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { beginPiece } from '$lib/today/new-piece.ts';
	import { changeLook } from '$lib/ui/look.ts';
	import { everywhere } from './everywhere.svelte.ts';
	import { FOUND_NAMES, type Act, type FoundThing } from './found.ts';

	type Props = { onclose: () => void };
	const { onclose }: Props = $props();
	let text = $state('');
	let found = $state.raw<FoundThing[]>([]);
	/** What was looked for when that was found. */
	let looked = $state<string | null>(null);
	let trouble = $state('');
	let at = $state(0);
	/** In the order in which the first of each was found. */
	const groups = $derived(
		[...new Set(found.map(({ kind }) => kind))].map((kind) => ({ kind, things: found.filter((one) => one.kind === kind) }))
	);
	/** In the order in which they stand. */
	const things = $derived(groups.flatMap((group) => group.things));
	const chosen = $derived(things[at]);

	/** Enter was pressed before what was typed had been looked for: it means what that finds. */
	let isEntered = false;
	let asking = new AbortController();
	async function look(find: string) {
		asking.abort();
		asking = new AbortController();
		const { signal } = asking;
		try {
			const answer = await fetch(`/api/find?find=${encodeURIComponent(find)}`, { signal });
			if (!answer.ok) throw new Error(String(answer.status));
			const body = (await answer.json()) as { found: FoundThing[] };
			[found, looked, at, trouble] = [body.found, find, 0, ''];
			if (isEntered) enter();
		} catch {
			if (!signal.aborted) trouble = 'The server does not answer. Try again in a moment.';
		}
	}
	$effect(() => {
		isEntered = false;
		void look(text.slice(0, 200));
	});

	const DO: Record<Act, () => void> = {
		'new-piece': () =>
			void beginPiece(page.data.reads ?? null).then(
				(href) => goto(href),
				() => (trouble = 'No answer from the server. The new piece was not created; try again.')
			),
		'bench-light': () => {
			changeLook();
			onclose();
		},
		keys: () => {
			onclose();
			everywhere.keys = true;
		}
	};

	function open(thing: FoundThing | undefined) {
		if (!thing) return;
		if (thing.href === null) DO[thing.id as Act]();
		else if (new URL(thing.href, location.href).href === location.href) onclose();
		else void goto(thing.href);
	}

	function enter() {
		isEntered = looked !== text.slice(0, 200);
		if (!isEntered) open(chosen);
	}

	function onkeydown(event: KeyboardEvent) {
		const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		if (step !== undefined && things.length > 0) at = (at + step + things.length) % things.length;
		else if (event.key === 'Enter') enter();
		else if (event.key === 'Escape') return;
		else return;
		event.preventDefault();
	}

	const idOf = (thing: FoundThing) => `found-${things.indexOf(thing)}`;
	$effect(() => {
		if (chosen) document.getElementById(idOf(chosen))?.scrollIntoView({ block: 'nearest' });
	});
</script>

<Dialog
	open
	onOpenChange={({ open: isOpen }) => !isOpen && onclose()}
	initialFocusEl={() => document.getElementById('find-anything')}
>
	<Portal>
		<Dialog.Positioner>
			<Dialog.Content class="card slip finds">
				<Dialog.Title class="seen-by-readers">Find anything</Dialog.Title>
				<label class="seen-by-readers" for="find-anything">Find a piece, a wall, a material, a place, something to do</label>
				<input
					id="find-anything"
					class="input"
					role="combobox"
					autocomplete="off"
					spellcheck="false"
					maxlength="200"
					placeholder="Piece, wall, material, place …"
					aria-expanded={things.length > 0}
					aria-controls="found"
					aria-activedescendant={chosen ? idOf(chosen) : undefined}
					bind:value={text}
					{onkeydown}
				/>
				<div id="found" role="listbox" aria-label="Found" tabindex="0">
					{#each groups as { kind, things: ofKind } (kind)}
						<div role="group" aria-labelledby="kind-{kind}" class="kind {kind}">
							<span id="kind-{kind}" class="name">{FOUND_NAMES[kind]}</span>
							<div class="things">
								{#each ofKind as thing (thing.id)}
									<!-- svelte-ignore a11y_click_events_have_key_events -->
									<div role="option" id={idOf(thing)} tabindex="-1" aria-selected={thing === chosen} onclick={() => open(thing)}>
										<span>{thing.name}</span><span class="detail">{thing.detail}</span>
									</div>
								{/each}
							</div>
						</div>
					{/each}
				</div>
				<p role="status" class="said">
					{#if trouble}{trouble}{:else if looked !== null && looked.trim() !== '' && things.length === 0}Nothing here is called “{looked}”.
						Try part of a word, a number, or a name.{/if}
				</p>
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	:global(.finds) {
		position: fixed;
		top: 46px;
		left: 50%;
		z-index: 20;
		translate: -50% 0;
		width: min(720px, 100vw);
		padding: 12px;
		display: grid;
		gap: 8px;
	}
	.input {
		width: 100%;
		font-size: 18px;
		min-height: 44px;
	}
	[role='listbox'] {
		position: relative;
		max-height: calc(100dvh - 180px);
		overflow-y: auto;
	}
	.kind {
		display: grid;
		grid-template-columns: 116px minmax(0, 1fr);
		border-top: 1px solid var(--line);
		padding: 4px 0;
	}
	.name {
		padding: 6px 8px 6px 0;
		font-size: var(--text-sm);
		color: var(--quiet);
	}
	[role='option'] {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 0 16px;
		min-height: var(--row);
		padding: 4px 10px;
		border-left: 3px solid transparent;
		cursor: pointer;
	}
	[role='option'][aria-selected='true'] {
		border-left-color: var(--accent);
		background: var(--accent-mark);
	}
	[role='option']:hover {
		background: var(--strip-hover);
	}
	.detail {
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.said:empty {
		display: none;
	}
	@media (pointer: coarse) {
		.act .detail {
			display: none;
		}
		[role='option'] {
			min-height: 44px;
		}
	}
	@media (max-width: 767px) {
		:global(.finds) {
			top: 0;
		}
		.kind {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
