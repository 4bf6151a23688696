<script lang="ts">
	/** Every wall that is planned, and a new one. */
	import { goto, invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import type { Unit } from '$core/units/length.ts';
	import { FRACTION, showSize } from '$core/units/show.ts';
	import type { WallFile } from '$core/wall/written.ts';
	import type { ListedWall } from '$lib/server/db/walls.ts';
	import { askServer } from '$lib/ui/ask-server.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import { showDate } from '$lib/ui/days.ts';
	import ReadLength from '$lib/ui/ReadLength.svelte';
	import { sayDone } from '$lib/ui/toasts.ts';

	const { walls }: { walls: readonly ListedWall[] } = $props();
	const reader = $derived({ unit: (page.data.reads as Unit | null) ?? 'mm', fraction: FRACTION });
	let name = $state('');
	let width = $state<number | null>(4000);
	let height = $state<number | null>(2500);
	let says = $state('');

	async function add(event: SubmitEvent) {
		event.preventDefault();
		if (name.trim() === '') return void (says = 'Name the wall: which room, which wall.');
		if (!width || !height) return void (says = 'Enter width and height.');
		const file: WallFile = {
			format: 'rare-keep/wall',
			version: 1,
			unit: 'mm',
			wall: { width, height, kind: 'masonry', things: [] },
			pictures: [],
			groups: [],
			places: []
		};
		const asked = await askServer<{ id: number }>('POST', '/api/walls', { name: name.trim(), file });
		if (asked.ok) await goto(`/walls/${asked.answer.id}`);
		else says = asked.says;
	}

	async function putAway({ id, name: which }: ListedWall) {
		const asked = await askServer('DELETE', `/api/walls/${id}`);
		if (!asked.ok) return void (says = asked.says);
		await invalidateAll();
		sayDone('walls', `${which} is archived.`, {
			label: 'Undo',
			go: () => void askServer('POST', `/api/walls/${id}/back`).then(() => invalidateAll())
		});
	}
</script>

<svelte:head><title>Walls · Rare Keep</title></svelte:head>
<div class="screen">
	<Bar here="Walls" />
	<main id="main">
		<h1>Walls</h1>
		<p class="about">Arrange pictures to scale before driving a nail: rows with equal gaps, and a hook list.</p>
		{#if walls.length === 0}<p>No walls yet. Name the first one and enter its size.</p>{:else}
			<ul>
				{#each walls as wall (wall.id)}
					<li>
						<a class="anchor" href="/walls/{wall.id}">{wall.name}</a>
						<span class="figures">{showSize(wall, reader)}</span>
						<span>{wall.pictures === 1 ? '1 picture' : `${wall.pictures} pictures`}</span>
						<span class="quiet">{showDate(new Date(wall.at).getTime(), 'moment', page.data.dates as DateLanguage)}</span>
						<button type="button" class="btn btn-sm preset-quiet" aria-label="archive {wall.name}" onclick={() => putAway(wall)}
							>archive</button
						>
					</li>
				{/each}
			</ul>
		{/if}
		<form onsubmit={add} aria-label="A new wall">
			<h2>A new wall</h2>
			<label
				>Name <input
					class="input"
					maxlength="80"
					autocomplete="off"
					placeholder="living room, by the stove"
					bind:value={name}
				/></label
			>
			<div class="pair">
				<ReadLength small label="Width" value={width} {reader} onread={(mm) => (width = mm)} />
				<ReadLength small label="Height" value={height} {reader} onread={(mm) => (height = mm)} />
			</div>
			{#if says}<p class="fault" role="alert">{says}</p>{/if}
			<button type="submit" class="btn preset-filled-brand">Plan it</button>
		</form>
	</main>
</div>

<style>
	main {
		max-width: 940px;
		padding: 22px 24px 60px;
	}
	h1 {
		font-size: 27px;
	}
	h2 {
		font-size: 19px;
		margin: 26px 0 8px;
	}
	.about {
		color: var(--quiet);
		margin-bottom: 12px;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 2fr) 120px 100px 170px auto;
		gap: 4px 16px;
		align-items: baseline;
		padding: 8px 0;
		border-bottom: 1px solid var(--line);
	}
	li .anchor {
		min-height: var(--word);
	}
	form {
		max-width: 420px;
		display: grid;
		gap: 8px;
		justify-items: start;
	}
	form label {
		width: 100%;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px;
		width: 100%;
	}
	.fault {
		color: var(--stop);
	}
	@media (max-width: 767px) {
		li {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
