<script lang="ts">
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from './context.ts';
	import { stationOfPlace } from './station-of-place.ts';
	import { signOf, STATIONS, stationsOf, type StationId } from './stations.ts';

	type Props = { open: StationId; onopen: (id: StationId) => void };
	const { open, onopen }: Props = $props();
	const { editor } = useWorkspace();
	/** What was typed there is no figure yet. */
	const refusedAt = $derived(new Set(Object.keys(editor.drafts).map(stationOfPlace)));
	const stations = $derived(stationsOf(editor.settled.job));
	let strip: HTMLElement;
	// In a row that scrolls the open one is seen.
	$effect(() => {
		const at = stations.findIndex((station) => station.id === open);
		strip.querySelectorAll('li')[at]?.scrollIntoView({ block: 'nearest', inline: 'center' });
	});
</script>

<nav class="strip" bind:this={strip} aria-label="Stations, in the order of the work">
	<ol>
		{#each stations as station (station.id)}
			{@const sign = refusedAt.has(station.id)
				? 'stop'
				: editor.blind
					? null
					: signOf(station, editor.settled.plan, editor.settled.job)}
			<li class:begins={station.begins}>
				<button
					type="button"
					class:open={open === station.id}
					aria-current={open === station.id ? 'step' : undefined}
					aria-keyshortcuts={station.key}
					onclick={() => onopen(station.id)}
				>
					<span class="number figures">{STATIONS.indexOf(station) + 1}</span>
					<span class="name" data-key={STATIONS.indexOf(station) > 8 ? station.key : null}>{station.name}</span>
					<span class="sign"
						>{#if sign}<Sign of={sign} size={13} />{/if}</span
					>
					<span class="summary"
						>{refusedAt.has(station.id) ? 'entry not accepted' : station.summary(editor.settled.plan, editor.settled.job)}</span
					>
				</button>
			</li>
		{/each}
	</ol>
</nav>

<style>
	nav {
		background: var(--strip);
		position: relative;
		overflow-y: auto;
		padding: 2px 0;
	}
	/* Its number is not its key. */
	@media (pointer: fine) and (min-width: 1101px) {
		.name[data-key]::after {
			content: attr(data-key) / '';
			margin-left: 8px;
			padding: 0 5px;
			border: 1px solid var(--strip-line);
			font-size: var(--text-sm);
			font-weight: 400;
			color: var(--soft);
		}
	}
	li.begins {
		border-top: 1px solid var(--strip-line);
		margin-top: 7px;
		padding-top: 7px;
	}
	button {
		display: grid;
		grid-template-columns: 28px 1fr 16px;
		width: 100%;
		padding: 6px 14px 7px 12px;
		text-align: left;
		cursor: pointer;
		border-left: 4px solid transparent;
		align-items: center;
	}
	button:hover {
		background: var(--strip-hover);
	}
	button:focus-visible {
		outline-offset: -2px;
	}
	.open,
	.open:hover {
		background: var(--panel);
		border-left-color: var(--chosen);
	}
	.number {
		font-family: var(--serif);
		font-weight: 600;
		color: var(--soft);
	}
	.name {
		font-weight: 600;
	}
	.summary {
		grid-column: 2 / -1;
		font-size: var(--text-xs);
		color: var(--soft);
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	@media (max-width: 1100px) {
		nav {
			padding: 0;
			overflow-x: auto;
			scrollbar-width: none;
		}
		ol {
			display: flex;
			width: max-content;
		}
		li.begins {
			margin: 0;
			padding: 0;
			border-top: 0;
			border-left: 1px solid var(--strip-line);
		}
		button {
			grid-template-columns: auto auto auto;
			gap: 6px;
			min-height: 44px;
			padding: 4px 14px;
			border-left: 0;
			border-bottom: 4px solid transparent;
		}
		.open,
		.open:hover {
			border-bottom-color: var(--chosen);
		}
		.summary {
			display: none;
		}
	}
</style>
