<script lang="ts">
	/** Where a figure comes from: in words, in numbers, what each holds, and the handbook's paragraph. */
	import Close from '@lucide/svelte/icons/x';
	import { Popover, Portal } from '@skeletonlabs/skeleton-svelte';
	import { showFigure } from '$core/units/figures.ts';
	import { lookIn } from '$core/views/why/expression.ts';
	import { figureWithUnit } from '$core/views/why/figure-text.ts';
	import { nameOf } from '$core/views/why/names.ts';
	import { sayExpression } from '$core/views/why/say.ts';
	import { useWorkspace } from './context.ts';
	import { there } from '$core/units/there.ts';

	type Props = {
		path: string;
		/** The figure that was pressed: it is explained beside it. */
		beside: Element | null;
		onclose: () => void;
		onask: (path: string) => void;
	};
	const { path, beside, onclose, onask }: Props = $props();
	const { editor } = useWorkspace();

	const explanation = $derived(editor.plan.why[path]);
	const named = $derived({ plan: editor.plan, job: editor.job, shop: editor.shopIn(editor.job.cutIn) });
	const said = $derived(explanation ? sayExpression(explanation.of, lookIn(named), write, named) : null);
	/** What a second look is worth: house figures, and figures that say why themselves. */
	const linked = $derived(
		(said?.parts ?? []).filter(
			(part) => part.value !== null && (part.path.startsWith('shop.house') || editor.plan.why[part.path])
		)
	);

	/** A sum adds up in the unit in which it is cut; read in the other, its result is said in both. */
	const reader = $derived({ ...editor.reader, unit: editor.job.cutIn });
	const other = $derived(editor.unit !== editor.job.cutIn);

	/** A plain number of the expression as it is. */
	function write(value: number, of: string | null): string {
		return of === null ? String(value) : figureWithUnit(value, of, reader);
	}

	/** Where the figure stands, or stood while it was on the screen. */
	let stood = new DOMRect(0, innerHeight, 0, 0);
	function place(): DOMRect {
		if (beside?.isConnected) stood = beside.getBoundingClientRect();
		return stood;
	}
</script>

<Popover
	open
	onOpenChange={({ open }) => !open && onclose()}
	closeOnInteractOutside={false}
	positioning={{
		placement: 'right-start',
		gutter: 10,
		strategy: 'fixed',
		overflowPadding: 10,
		getAnchorElement: () => beside as HTMLElement | null,
		getAnchorRect: place
	}}
>
	<Portal>
		<Popover.Positioner>
			<Popover.Content class="card slip why">
				<div class="head">
					<Popover.Title>{#snippet element(attributes)}<h2 {...attributes}>{nameOf(path, named)}</h2>{/snippet}</Popover.Title>
					<strong class="figures">{said && explanation ? showFigure(said.result, explanation.unit, editor.reader) : ''}</strong>
					<Popover.CloseTrigger class="close" aria-label="Close"><Close size={16} aria-hidden="true" /></Popover.CloseTrigger>
				</div>
				{#if said && explanation}
					<p class="line figures">= {other ? `${showFigure(said.result, explanation.unit, reader)} = ` : ''}{said.line}</p>
					{#if linked.length > 0}
						<dl>
							{#each linked as part (part.path)}
								<dt>{part.name}</dt>
								<dd class="figures">
									{#if editor.plan.why[part.path]}<button
											type="button"
											class="ask"
											aria-label="{part.name} {write(there(part.value, 'value'), part.path)}, explain"
											onclick={() => onask(part.path)}>{write(there(part.value, 'value'), part.path)}</button
										>
									{:else}<a class="anchor" href="/shop/defaults?find={part.path.split('.').at(-1)}"
											>{write(there(part.value, 'value'), part.path)}</a
										>{/if}
								</dd>
							{/each}
						</dl>
					{/if}
					<a class="anchor" href="/handbook/{explanation.source}"
						>Handbook: {explanation.source.split('#')[0]}, {explanation.source.split('#')[1]?.replace(/-/g, ' ')}</a
					>
				{:else}
					<p>Entered, not calculated.</p>
				{/if}
			</Popover.Content>
		</Popover.Positioner>
	</Portal>
</Popover>

<style>
	:global(.why) {
		width: min(430px, calc(100vw - 28px));
		max-height: min(420px, calc(100vh - 20px));
		overflow-y: auto;
		padding: 12px 16px;
		border-left-width: 4px;
	}
	.head {
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
	.head strong {
		font-size: 18px;
	}
	:global(.why .close) {
		display: grid;
		place-items: center;
		width: 28px;
		height: var(--row);
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
		font-size: var(--text-sm);
	}
	dd {
		text-align: right;
	}
	.ask {
		border-bottom: 1px dotted var(--line-strong);
		cursor: help;
	}
</style>
