<script lang="ts">
	/** Where a figure comes from: in words, in numbers, what each holds, and the handbook's paragraph. */
	import { showFigure } from '$core/units/figures.ts';
	import { lookIn } from '$core/views/why/expression.ts';
	import { figureWithUnit } from '$core/views/why/figure-text.ts';
	import { nameOf } from '$core/views/why/names.ts';
	import { sayExpression } from '$core/views/why/say.ts';
	import { useWorkspace } from './context.ts';

	type Props = { path: string; onclose: () => void; onask: (path: string) => void };
	const { path, onclose, onask }: Props = $props();
	const { editor } = useWorkspace();
	let panel: HTMLElement;

	const explanation = $derived(editor.plan.why[path]);
	const named = $derived({ plan: editor.plan, job: editor.job, shop: editor.shopIn(editor.job.cutIn) });
	const said = $derived(explanation ? sayExpression(explanation.of, lookIn(named), write, named) : null);
	/** What a second look is worth: house figures, and figures that say why themselves. */
	const linked = $derived(
		(said?.parts ?? []).filter(
			(part) => part.value !== null && (part.path.startsWith('shop.house') || editor.plan.why[part.path])
		)
	);

	/** A figure in the reader's unit; a plain number of the expression as it is. */
	function write(value: number, of: string | null): string {
		return of === null ? String(value) : figureWithUnit(value, of, editor.reader);
	}

	$effect(() => {
		void path;
		panel.focus();
	});
</script>

<div
	bind:this={panel}
	class="slip"
	role="dialog"
	tabindex="-1"
	aria-label="Why {nameOf(path, named)}"
	onkeydown={(event) => event.key === 'Escape' && onclose()}
>
	<header>
		<h2>{nameOf(path, named)}</h2>
		<strong class="figures">{said && explanation ? showFigure(said.result, explanation.unit, editor.reader) : ''}</strong>
		<button type="button" class="close" aria-label="Close" onclick={onclose}>×</button>
	</header>
	{#if said && explanation}
		<p class="line figures">= {said.line}</p>
		{#if linked.length > 0}
			<dl>
				{#each linked as part (part.path)}
					<dt>{part.name}</dt>
					<dd class="figures">
						{#if editor.plan.why[part.path]}<button
								type="button"
								class="ask"
								aria-label="{part.name} {write(part.value!, part.path)}, say why"
								onclick={() => onask(part.path)}>{write(part.value!, part.path)}</button
							>
						{:else}<a class="plain-link" href="/house/figures?find={part.path.split('.').at(-1)}"
								>{write(part.value!, part.path)}</a
							>{/if}
					</dd>
				{/each}
			</dl>
		{/if}
		<a class="plain-link" href="/handbook/{explanation.source}"
			>Handbook: {explanation.source.split('#')[0]}, {explanation.source.split('#')[1]?.replace(/-/g, ' ')}</a
		>
	{:else}
		<p>This figure was given, not computed.</p>
	{/if}
</div>

<style>
	.slip {
		position: absolute;
		left: 14px;
		bottom: 14px;
		width: min(430px, calc(100% - 28px));
		max-height: calc(100% - 28px);
		overflow-y: auto;
		padding: 12px 16px;
		background: #fff;
		border: 1px solid var(--bar);
		border-left-width: 4px;
		box-shadow: 0 6px 20px rgb(27 38 44 / 18%);
		z-index: 5;
	}
	header {
		display: flex;
		align-items: baseline;
		gap: 12px;
	}
	h2 {
		font-size: 17px;
		flex: 1;
	}
	h2::first-letter {
		text-transform: uppercase;
	}
	header strong {
		font-size: 18px;
	}
	.close {
		width: 28px;
		height: 28px;
		font-size: 20px;
		line-height: 1;
		cursor: pointer;
	}
	.line {
		margin: 4px 0 8px;
		font-size: 15px;
		line-height: 1.4;
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		border-top: 1px solid var(--line);
		padding: 6px 0;
		margin-bottom: 4px;
		gap: 2px 12px;
		font-size: 13px;
	}
	dd {
		text-align: right;
	}
	.ask {
		border-bottom: 1px dotted var(--line-strong);
		cursor: help;
	}
</style>
