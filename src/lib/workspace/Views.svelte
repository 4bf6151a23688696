<script lang="ts" module>
	export const VIEW_NAMES = ['front', 'section', 'back', 'all'] as const;
	export type ViewName = (typeof VIEW_NAMES)[number];
</script>

<script lang="ts">
	/** The drawing, in the view that was chosen; beside the front the section and the layers. */
	import { backScene } from '$core/drawing/back.ts';
	import { frontScene } from '$core/drawing/front.ts';
	import { layerName } from '$core/drawing/layer-name.ts';
	import { sectionScene } from '$core/drawing/section.ts';
	import { builtInShop } from '$core/shop/shop.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import type { Severity } from '$core/findings/rule.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from './context.ts';
	import { stable } from './stable.svelte.ts';

	type Props = { view: ViewName; onview: (view: ViewName) => void };
	const { view, onview }: Props = $props();
	const { editor, ask } = useWorkspace();
	const NAMES: Record<ViewName, string> = { front: 'Front', section: 'Section', back: 'Back', all: 'All three' };

	/** While somebody types, the drawing that is looked at comes first; what stands beside it a frame later. */
	const now = $derived({ plan: editor.plan, job: editor.job });
	const beside = $derived(editor.settled);
	const plan = $derived(beside.plan);
	const front = $derived(frontScene(now.plan, now.job));
	// Many strokes leave the section as it is: then it is not drawn again.
	const sectionNow = stable(() => {
		const of = view === 'section' ? now : beside;
		return sectionScene(of.plan, of.job, builtInShop);
	});
	const section = $derived(sectionNow());
	const back = $derived.by(() => {
		const of = view === 'back' ? now : beside;
		return backScene(of.plan, of.job);
	});
	/** The sign that a figure of the pack carries in the findings. */
	function signOf(where: string): Severity | undefined {
		return plan.findings.find((finding) => finding.where === where && finding.severity !== 'note')?.severity;
	}
	const clearanceSign = $derived(signOf('pack.clearance'));
	const gapSign = $derived(signOf('pack.gap'));
	const shared = $derived({ unit: editor.unit, onask: ask });
</script>

<div class="views">
	<nav aria-label="Views">
		{#each VIEW_NAMES as name (name)}<button type="button" aria-pressed={view === name} onclick={() => onview(name)}
				>{NAMES[name]}</button
			>{/each}
	</nav>
	<div class="drawings {view}">
		{#if !front || !section}
			<div class="empty">
				<p>The drawing comes with the sheet’s first two readings.</p>
				<p class="quiet">Measure it, in any unit: 412, 41.2 cm, 16 1⁄4 in.</p>
			</div>
		{:else if view === 'front'}
			<Drawing scene={front} {...shared} />
			<div class="side">
				<div class="small"><Drawing scene={section} {...shared} callouts={false} label={12} /></div>
				<ol>
					{#each plan.pack!.layers as layer, index (index)}
						<li>
							<span>{layerName(layer, editor.job, builtInShop)}</span><Figure
								path="pack.layers[{index}].thickness"
								name={layerName(layer, editor.job, builtInShop)}
								value={layer.thickness}
								fine
							/>
						</li>
					{/each}
					<li class="sum">
						<strong>Pack</strong><strong><Figure path="pack.thickness" name="Pack" value={plan.pack!.thickness} fine /></strong>
					</li>
					{#if plan.frame}
						<li>
							<span>Rabbet depth</span><Figure
								path="frame.section.rabbetDepth"
								name="Rabbet depth"
								value={plan.frame.section.rabbetDepth}
								fine
							/>
						</li>

						<li class={clearanceSign}>
							<span
								>Clearance{#if clearanceSign}&nbsp;<Sign of={clearanceSign} size={11} />{/if}</span
							><Figure path="pack.clearance" name="Clearance" value={plan.pack!.clearance!} fine />
						</li>
					{/if}

					<li class={gapSign}>
						<span
							>Air over the sheet{#if gapSign}&nbsp;<Sign of={gapSign} size={11} />{/if}</span
						><Figure path="pack.gap" name="Air over the sheet" value={plan.pack!.gap} fine />
					</li>
				</ol>
			</div>
		{:else if view === 'section'}
			<Drawing scene={section} {...shared} label={14} />
		{:else if view === 'back'}
			{#if back}<Drawing scene={back} {...shared} />{:else}<div class="empty"><p>The back comes with a moulding.</p></div>{/if}
		{:else}
			<Drawing scene={front} {...shared} label={11} />
			<Drawing scene={section} {...shared} label={11} callouts={false} />
			{#if back}<Drawing scene={back} {...shared} label={11} />{/if}
		{/if}
	</div>
</div>

<style>
	.views {
		display: grid;
		grid-template: 34px minmax(0, 1fr) / minmax(0, 1fr);
		height: 100%;
	}
	nav {
		display: flex;
		gap: 4px;
		padding: 0 10px;
	}
	nav button {
		padding: 0 8px;
		border-bottom: 2px solid transparent;
		cursor: pointer;
		color: #474f53;
	}
	nav button[aria-pressed='true'] {
		font-weight: 600;
		color: var(--ink);
		border-bottom-color: var(--ink);
	}
	.drawings {
		min-height: 0;
		display: grid;
		grid-template-rows: minmax(0, 1fr);
		padding: 2px 16px 10px;
		gap: 18px;
	}
	.drawings.front {
		grid-template-columns: minmax(0, 1fr) 236px;
	}
	.drawings.all {
		grid-template-columns: repeat(3, minmax(0, 1fr));
	}
	.side :global(li svg) {
		display: inline;
	}
	.side {
		display: grid;
		grid-template: minmax(110px, 1fr) auto / minmax(0, 1fr);
		min-height: 0;
		gap: 6px;
		overflow-y: auto;
	}
	.small {
		min-height: 0;
	}
	ol {
		font-size: 13px;
		padding-bottom: 18px;
	}
	li {
		display: flex;
		justify-content: space-between;
		gap: 10px;
		line-height: 21px;
	}
	li span {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.sum {
		border-top: 1px solid var(--line-strong);
		margin-top: 2px;
	}
	.stop {
		color: var(--stop);
		font-weight: 600;
	}
	.caution {
		color: #8a550c;
		font-weight: 600;
	}
	.empty {
		align-self: center;
		justify-self: center;
		text-align: center;
		grid-column: 1 / -1;
	}
</style>
