<script lang="ts">
	/** An empty rack: what there is to do, in three drawn steps; what the shop is asked once; pieces to look at. */
	import { invalidateAll } from '$app/navigation';
	import type { About } from '$core/shop/about.ts';
	import type { Unit } from '$core/units/length.ts';
	import AboutShop from '$lib/house/AboutShop.svelte';
	import { ShopList } from '$lib/house/shop-list.svelte.ts';
	import { rememberUnit } from '$lib/ui/reads.ts';

	type Props = {
		about: { rev: number; items: About };
		/** No piece was ever taken in. */ isNew: boolean;
		/** Nobody has said yet whether the shop measures in mm or in inches. */ asksUnit: boolean;
		/** A piece was begun before that was answered. */ waits: boolean;
		onnew: () => void;
	};
	const { about, isNew, asksUnit, waits, onnew }: Props = $props();
	const UNITS: readonly { unit: Unit; name: string; like: string }[] = [
		{ unit: 'mm', name: 'Millimetres', like: '402.5 mm' },
		{ unit: 'in', name: 'Inches', like: '15 7⁄8 in' }
	];
	let first = $state<HTMLButtonElement>();
	$effect(() => {
		if (waits) first?.focus();
	});
	const STEPS = [
		{ name: 'Measure', says: 'Measure width and height; all four sides if out of square.' },
		{ name: 'Choose', says: 'Window, mats, glazing, hold and frame. Each choice shows its effect on this piece.' },
		{ name: 'Print', says: 'A job sheet with every size to cut, the stops, the steps; a label for the back.' }
	];
	let loading = $state(false);
	let trouble = $state('');

	async function chooseUnit(unit: Unit) {
		loading = true;
		trouble = '';
		const list = new ShopList<About>('/api/shop/about', 'about', about.items, about.rev);
		const isKept = await list.put({ ...about.items, unit });
		loading = false;
		if (!isKept) {
			trouble = list.refused;
			return;
		}
		rememberUnit(unit);
		await invalidateAll();
		if (waits) onnew();
	}

	async function lookAtSamples() {
		loading = true;
		trouble = '';
		try {
			const response = await fetch('/api/samples', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: '{}'
			});
			if (!response.ok) throw new Error(String(response.status));
			await invalidateAll();
		} catch {
			trouble = 'The server does not answer. No samples were loaded; try again.';
		} finally {
			loading = false;
		}
	}
</script>

<div class="first">
	<ol>
		{#each STEPS as step, index (step.name)}
			<li>
				<svg viewBox="0 0 160 110" aria-hidden="true">
					{#if index === 0}
						<rect class="sheet" x="34" y="24" width="78" height="62" />
						<path class="line" d="M34 12 H112 M34 7 V17 M112 7 V17 M126 24 V86 M121 24 H131 M121 86 H131" />
						<path class="tape" d="M34 96 H146" />
						<path class="ticks" d="M40 92 v8 M50 94 v6 M60 92 v8 M70 94 v6 M80 92 v8 M90 94 v6 M100 92 v8 M110 94 v6" />
					{:else if index === 1}
						<path class="frame" fill-rule="evenodd" d="M38 8 H122 V104 H38 Z M46 16 V96 H114 V16 Z" />
						<rect class="mat" x="46" y="16" width="68" height="80" />
						<rect class="sheet" x="60" y="30" width="40" height="48" />
						<path class="line" d="M38 8 L46 16 M122 8 L114 16 M38 104 L46 96 M122 104 L114 96" />
					{:else}
						<rect class="sheet" x="44" y="6" width="72" height="100" />
						<rect class="mat" x="52" y="24" width="26" height="32" />
						<path
							class="line"
							d="M52 15 H90 M84 28 H108 M84 36 H108 M84 44 H108 M84 52 H100 M52 66 H108 M52 74 H108 M52 82 H96"
						/>
					{/if}
				</svg>
				<h2>{index + 1} {step.name}</h2>
				<p>{step.says}</p>
			</li>
		{/each}
	</ol>
	{#if asksUnit}
		<section class="unit" aria-labelledby="unit">
			<h2 id="unit">Do you measure in millimetres or inches?</h2>
			<p class="quiet">Each job can be cut in the other unit, and every size shown in both.</p>
			<div class="presses">
				{#each UNITS as { unit, name, like }, index (unit)}
					{#if index === 0}<button
							bind:this={first}
							type="button"
							class="btn preset-outlined-brand"
							disabled={loading}
							onclick={() => chooseUnit(unit)}>{name} <span class="like figures">{like}</span></button
						>{:else}<button type="button" class="btn preset-outlined-brand" disabled={loading} onclick={() => chooseUnit(unit)}
							>{name} <span class="like figures">{like}</span></button
						>{/if}
				{/each}
			</div>
		</section>
	{/if}
	<div class="presses">
		<button type="button" class="btn preset-filled-brand" onclick={onnew}>Take in the first piece <kbd>N</kbd></button>
		{#if isNew}<button type="button" class="btn preset-outlined-brand" disabled={loading} onclick={lookAtSamples}
				>{loading ? 'Loading samples' : 'Load sample pieces'}</button
			>{/if}
	</div>
	{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
	{#if !about.items.name}
		<section aria-labelledby="asked">
			<h2 id="asked">Set up once</h2>
			<p class="quiet">For labels, papers and prices. You can change it later in Shop.</p>
			{#key about.rev}<AboutShop about={about.items} rev={about.rev} does="Save" />{/key}
		</section>
	{/if}
</div>

<style>
	.first {
		display: grid;
		gap: 24px;
		justify-items: center;
		padding: 36px 24px 60px;
	}
	ol {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
		gap: 24px 36px;
		width: min(100%, 880px);
	}
	li {
		text-align: center;
	}
	svg {
		width: 160px;
		margin: 0 auto 8px;
	}
	.sheet {
		fill: #f6f1e2;
		stroke: #8d8674;
	}
	.mat {
		fill: #e7e4da;
		stroke: #8d8674;
	}
	.frame {
		fill: #b98f56;
		stroke: #4c3b27;
	}
	.line,
	.ticks {
		fill: none;
		stroke: var(--ink);
	}
	.sheet ~ .line {
		stroke: #20343f;
	}
	.tape {
		fill: none;
		stroke: #d8b74a;
		stroke-width: 9;
	}
	.ticks {
		stroke: #20343f;
	}
	h2 {
		font-size: 18px;
	}
	.presses {
		display: flex;
		flex-wrap: wrap;
		justify-content: center;
		gap: 12px;
	}
	.trouble {
		color: var(--stop);
	}
	section {
		width: min(100%, 560px);
		padding-top: 18px;
		border-top: 1px solid var(--line-strong);
	}
	section > p {
		margin-bottom: 12px;
	}
	.unit {
		text-align: center;
	}
	.like {
		margin-left: 6px;
		color: var(--quiet);
	}
</style>
