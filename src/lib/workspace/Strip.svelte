<script lang="ts">
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from './context.ts';
	import { signOf, STATIONS, type StationId } from './stations.ts';

	type Props = { open: StationId; onopen: (id: StationId) => void };
	const { open, onopen }: Props = $props();
	const { editor } = useWorkspace();
</script>

<nav aria-label="Stations, in the order of the work">
	<ol>
		{#each STATIONS as station, index (station.id)}
			{@const sign = signOf(station, editor.settled.plan, editor.settled.job)}
			<li class:begins={station.begins}>
				<button
					type="button"
					class:open={open === station.id}
					aria-current={open === station.id ? 'step' : undefined}
					onclick={() => onopen(station.id)}
				>
					<span class="number figures">{index + 1}</span>
					<span class="name">{station.name}</span>
					<span class="sign"
						>{#if sign}<Sign of={sign} size={13} />{/if}</span
					>
					<span class="summary">{station.summary(editor.settled.plan, editor.settled.job)}</span>
				</button>
			</li>
		{/each}
	</ol>
</nav>

<style>
	nav {
		background: var(--strip);
		overflow-y: auto;
		padding: 2px 0;
	}
	li.begins {
		border-top: 1px solid #aeada8;
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
		background: #d3d2cd;
	}
	button:focus-visible {
		outline-offset: -2px;
	}
	.open,
	.open:hover {
		background: var(--panel);
		border-left-color: var(--bar);
	}
	.number {
		font-family: var(--serif);
		font-weight: 600;
		color: #4a5256;
	}
	.name {
		font-weight: 600;
	}
	.summary {
		grid-column: 2 / -1;
		font-size: 12.5px;
		color: #454d51;
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
</style>
