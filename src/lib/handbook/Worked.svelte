<script lang="ts">
	/** A worked case: what it asks in words, its numbers to be changed, and what comes of them, each with its formula. */
	import { decide } from '$core/decide.ts';
	import type { JobFile } from '$core/job/definition.ts';
	import { FaultError } from '$core/job/faults.ts';
	import { readJob } from '$core/job/read.ts';
	import { planDecided } from '$core/plan.ts';
	import { builtInShop, shopFor } from '$core/shop/shop.ts';
	import { nth } from '$core/units/there.ts';
	import { askedName, askedValue } from '$core/views/why/asked.ts';
	import { lookIn } from '$core/views/why/expression.ts';
	import { figureWithUnit } from '$core/views/why/figure-text.ts';
	import { nameOf } from '$core/views/why/names.ts';
	import { sayExpression } from '$core/views/why/say.ts';
	import { workedJob } from '$core/views/worked.ts';

	type Props = { changes: Partial<JobFile>; gives: readonly string[] };
	const { changes, gives }: Props = $props();
	const id = $props.id();

	/** Of a case that changes nothing these may be tried. */
	const OF_ITSELF = ['piece.readings.width', 'piece.readings.height', 'borders.width', 'borders.weight'];
	type Leaf = { path: string; value: unknown };
	const leavesOf = (value: unknown, path = ''): Leaf[] =>
		typeof value === 'object' && value !== null
			? Object.entries(value).flatMap(([key, one]) =>
					leavesOf(one, Array.isArray(value) ? `${path}[${key}]` : path ? `${path}.${key}` : key)
				)
			: [{ path, value }];
	const leaves = $derived(leavesOf(changes));
	const words = $derived(leaves.filter(({ value }) => typeof value !== 'number'));
	const numbers = $derived(
		leaves.some(({ value }) => typeof value === 'number')
			? leaves.filter(({ value }) => typeof value === 'number')
			: leavesOf(workedJob(changes)).filter(({ path }) => OF_ITSELF.includes(path))
	);
	/** What was typed, by path. */
	let typed = $state<Record<string, string>>({});
	const isTried = $derived(Object.values(typed).some((text) => text.trim() !== ''));
	const file = $derived.by(() => {
		const next = workedJob(structuredClone(changes));
		for (const [path, text] of Object.entries(typed)) if (text.trim() !== '') put(next, path, readNumber(text));
		return next;
	});
	const result = $derived.by(() => {
		try {
			const job = decide(readJob(file), builtInShop);
			return { ok: true as const, job, plan: planDecided(file, job, builtInShop), shop: shopFor(builtInShop, job.cutIn) };
		} catch (error) {
			if (error instanceof FaultError) return { ok: false as const, says: nth(error.faults, 0).says };
			throw error;
		}
	});
	const lines = $derived.by(() => {
		if (!result.ok) return [];
		const { job, plan, shop } = result;
		const named = { plan, job, shop };
		const write = (value: number, of: string | null) => (of === null ? String(value) : figureWithUnit(value, of, job.reader));
		return gives.map((path) => {
			const value = lookIn(named)(path);
			const explained = plan.why[path];
			const said = explained ? sayExpression(explained.of, lookIn(named), write, named).line : '';
			return {
				path,
				name: nameOf(path, named),
				value: typeof value === 'number' ? figureWithUnit(value, path, job.reader) : '–',
				line: said
			};
		});
	});

	/** A bare number, or text for the reader's own sentence. */
	function readNumber(text: string): number | string {
		return /^\s*\d*\.?\d+\s*$/.test(text) ? Number(text) : text;
	}
	function put(target: object, path: string, value: unknown) {
		const keys = path.split(/[.[\]]+/).filter(Boolean);
		const last = keys.pop() ?? '';
		let place = target as Record<string, unknown>;
		for (const key of keys) place = place[key] as Record<string, unknown>;
		place[last] = value;
	}
</script>

<div class="worked">
	<h3>Worked case</h3>
	<p>
		{leaves.length === 0
			? 'A sheet of 402 × 551, two mats, a weighted border of 70 and 10, face 22, lip 6, allowance 3.'
			: 'The same sheet and frame.'}
		{#each words as { path, value }, index (path)}{index === 0 ? ' Here: ' : '; '}{askedName(path)}
			<strong>{askedValue(path, value, builtInShop, { unit: 'mm', fraction: 16 })}</strong>{/each}{words.length > 0 ? '.' : ''}
	</p>
	<div class="asks">
		{#each numbers as { path, value } (path)}
			<label for="{id}-{path}">{askedName(path)}</label>
			<input
				id="{id}-{path}"
				class="input figures"
				inputmode="decimal"
				autocomplete="off"
				value={typed[path] ?? String(value)}
				oninput={(event) => (typed[path] = event.currentTarget.value)}
			/>
		{/each}
	</div>
	{#if result.ok}
		<ul class="gives" aria-live="polite">
			{#each lines as { path, name, value, line } (path)}
				<li>
					<span class="name">{name}</span> <strong class="figures">{value}</strong>
					{#if line && line !== value}<span class="line figures">= {line}</span>{/if}
				</li>
			{/each}
		</ul>
	{:else}<p class="fault" role="status">{result.says}</p>{/if}
	{#if isTried}<button type="button" class="btn btn-sm preset-quiet" onclick={() => (typed = {})}>reset</button>{/if}
</div>

<style>
	.worked {
		display: grid;
		gap: 8px;
		border: 1px solid var(--line);
		background: var(--sheet);
		padding: 10px 16px 12px;
		font-size: 15px;
	}
	h3 {
		font-size: 15px;
	}
	.asks {
		display: grid;
		grid-template-columns: minmax(max-content, auto) 92px minmax(max-content, auto) 92px;
		gap: 6px 14px;
		justify-content: start;
	}
	.asks label {
		align-self: center;
	}
	.gives {
		list-style: none;
		padding: 0;
		border-top: 1px solid var(--line);
	}
	.gives li {
		padding: 4px 0;
		border-bottom: 1px solid var(--line);
	}
	.name {
		display: inline-block;
	}
	.name::first-letter {
		text-transform: uppercase;
	}
	.line {
		display: block;
		color: var(--quiet);
		font-size: 14px;
	}
	.fault {
		color: var(--stop);
	}
	button {
		justify-self: start;
	}
	@media (max-width: 640px) {
		.asks {
			grid-template-columns: minmax(0, 1fr) 92px;
		}
	}
</style>
