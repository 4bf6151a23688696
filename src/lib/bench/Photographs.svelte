<script lang="ts">
	/** Front and back, photographed for the record before it leaves the bench. */
	import type { Step } from '$core/stations/step.ts';
	import FileField from '$lib/ui/FileField.svelte';
	import type { BenchDesk } from './bench-desk.svelte.ts';
	import { keptPhotograph } from './photograph.ts';

	type Props = { desk: BenchDesk; step: Step };
	const { desk }: Props = $props();
	const SIDES = [
		['front', 'Front'],
		['back', 'Back']
	] as const;
	let busy = $state('');
	let refused = $state('');

	async function take(side: 'front' | 'back', file: File) {
		busy = side;
		refused = '';
		const kept = await keptPhotograph(file);
		if (kept.ok) desk.did({ kind: 'photographed', side, picture: kept.sum });
		else refused = kept.says;
		busy = '';
	}
</script>

<div class="sides">
	{#each SIDES as [side, name] (side)}
		{@const sum = desk.run.photographs.get(side)}
		<figure>
			{#if sum}<img src="/api/pictures/{sum}" alt="{name}, photographed" />{/if}
			<figcaption class="ways">
				<FileField
					label={sum ? `${name}: replace photograph` : `${name}: photograph it`}
					accept={{ 'image/*': ['.jpg', '.jpeg', '.png', '.webp'] }}
					onfile={(file) => void take(side, file)}
				/>
				{#if busy === side}<span role="status">Saving it.</span>{/if}
			</figcaption>
		</figure>
	{/each}
</div>
{#if refused}<p role="alert">{refused}</p>{/if}

<style>
	.sides {
		display: flex;
		flex-wrap: wrap;
		gap: 16px 28px;
		margin-bottom: 14px;
	}
	img {
		display: block;
		max-width: 320px;
		max-height: 260px;
		margin-bottom: 8px;
	}
	p {
		color: var(--stop);
	}
</style>
