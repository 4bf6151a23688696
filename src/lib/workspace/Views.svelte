<script lang="ts">
	/** The drawing, in the view that was chosen; beside the front the section and the layers. */
	import { Tabs } from '@skeletonlabs/skeleton-svelte';
	import { backScene } from '$core/views/drawing/back.ts';
	import { cornerScene } from '$core/views/drawing/corner.ts';
	import { frontScene, sheetBox } from '$core/views/drawing/front.ts';
	import { edgeHandles, hingeHandles, zoneHandles } from '$core/views/drawing/handles.ts';
	import { sectionScene } from '$core/views/drawing/section.ts';
	import { EXAGGERATION, sheetScene } from '$core/views/drawing/sheet.ts';
	import type { Rect } from '$core/geometry/shapes.ts';
	import type { Zone } from '$core/job/decide-piece.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import { addZone, middleZone } from '$core/job/zones.ts';
	import { each } from '$core/units/one-or-each.ts';
	import { sightsOf } from '$core/rule/sights.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import DrawZone from '$lib/drawing/DrawZone.svelte';
	import Pulls from '$lib/drawing/Pulls.svelte';
	import Choice from '$lib/ui/Choice.svelte';
	import OnOff from '$lib/ui/OnOff.svelte';
	import Choices from './Choices.svelte';
	import Compare from './Compare.svelte';
	import CutParts from './CutParts.svelte';
	import { useWorkspace } from './context.ts';
	import Layers from './Layers.svelte';
	import OnTheWall from './OnTheWall.svelte';
	import { stable } from '$lib/ui/stable.svelte.ts';
	import { viewsOf, type ViewName } from './view-names.ts';
	import { there } from '$core/units/there.ts';

	type Props = {
		view: ViewName;
		zoning: boolean;
		/** On a phone: the drawing has made room for the form. */
		folded: boolean;
		onfold: () => void;
		onview: (view: ViewName) => void;
		onzoning: (on: boolean) => void;
	};
	const { view, zoning, folded, onfold, onview, onzoning }: Props = $props();
	const { editor, ask } = useWorkspace();
	const NAMES: Record<ViewName, string> = {
		sheet: 'Sheet',
		front: 'Front',
		corner: 'Corner',
		layers: 'Layers',
		cut: 'To cut',
		section: 'Section',
		back: 'Back',
		all: 'All three',
		wall: 'On the wall',
		compare: 'Compare'
	};
	const KINDS: { value: Zone['kind']; label: string }[] = [
		{ value: 'show', label: 'must show' },
		{ value: 'hide', label: 'hide' },
		{ value: 'keep-off', label: 'keep off' }
	];

	/** While somebody types, the drawing that is looked at comes first; what stands beside it a frame later. */
	const now = $derived({ plan: editor.plan, job: editor.job });
	const beside = $derived(editor.settled);
	const front = $derived(frontScene(now.plan, now.job));
	const sight = $derived(sightsOf(now.job, now.plan)[editor.here.index]);
	// Many strokes leave the section as it is: then it is not drawn again.
	const sectionNow = stable(() => {
		const of = view === 'section' ? now : beside;
		return sectionScene(of.plan, of.job, editor.shopIn(of.job.cutIn));
	});
	const section = $derived(sectionNow());
	/** Beside the front it is a hand wide: fractions that are read at arm's length leave it no room, and stand in the list below. */
	const small = $derived(section && editor.unit === 'in' ? { ...section, dimensions: [] } : section);
	const back = $derived.by(() => {
		const of = view === 'back' ? now : beside;
		return backScene(of.plan, of.job, editor.shopIn(of.job.cutIn));
	});
	const corner = $derived(view === 'corner' ? cornerScene(now.plan, now.job, editor.here.index) : null);
	let exaggerated = $state(false);
	const sheet = $derived.by(() => {
		const measure = each(now.plan.measure)[editor.here.index];
		if (view !== 'sheet' || !measure) return null;
		return sheetScene({ piece: editor.here.piece, measure, path: editor.figures.path('measure.').slice(0, -1), exaggerated });
	});
	const shared = $derived({ reader: editor.reader, onask: ask });
	/** A frame that stays closed has no window. */
	const closed = $derived(!SCOPE_OF[now.job.scope].window);
	const windowNeeds = $derived(editor.plan.open.find((one) => one.station === 'window')?.needs);

	let drawing = $state<Drawing>();
	let kind = $state<Zone['kind']>('show');

	function draw(zone: Rect) {
		editor.apply(addZone(editor.file, editor.here.number, kind, zone));
		onzoning(false);
	}

	/** By the keys: a zone in the middle, which the arrows then move. */
	function putInMiddle() {
		draw(middleZone(there(sight, 'sight').measure.mean));
		const at = editor.here.piece.zones.length - 1;
		requestAnimationFrame(() => document.querySelectorAll<SVGElement>('.pulls .zone')[at]?.focus());
	}
</script>

<Tabs class="views" value={view} onValueChange={({ value }) => onview(value as ViewName)}>
	<div class="head">
		<Tabs.List aria-label="Views">
			{#each viewsOf(editor.settled.job.scope) as name (name)}<Tabs.Trigger value={name}>{NAMES[name]}</Tabs.Trigger>{/each}
		</Tabs.List>
		<button type="button" class="btn preset-quiet fold" aria-expanded={!folded} onclick={onfold}
			>{folded ? 'Show the drawing' : 'Hide'}<span class="seen-by-readers">{folded ? '' : ' the drawing'}</span></button
		>
	</div>
	{#if zoning && sight && view === 'front'}
		<div class="zoning">
			<p><strong>Drag a rectangle over the sheet</strong></p>
			<div class="kind">
				<Choice label="Zone rule" value={kind} options={KINDS} onchange={(next) => (kind = next)} compact />
			</div>
			<!-- svelte-ignore a11y_autofocus -->
			<button type="button" class="btn preset-outlined-brand" autofocus onclick={putInMiddle}>or place one in the middle</button>
			<button type="button" class="btn btn-sm preset-quiet" onclick={() => onzoning(false)}>done (Esc)</button>
		</div>
	{/if}
	<Tabs.Content value={view} class="drawings {view} {folded ? 'folded' : ''}">
		{#if view === 'sheet' && sheet}
			<Drawing scene={sheet} {...shared} />
			<div class="lean">
				<OnOff label="Exaggerate out-of-square {EXAGGERATION} times" value={exaggerated} onchange={(on) => (exaggerated = on)} />
			</div>
		{:else if closed}
			{#if view === 'back' && back}<Drawing scene={back} {...shared} />
			{:else if view === 'cut' && now.plan.cut.length > 0}<CutParts {...now} {...shared} />
			{:else}<div class="empty">
					{#if now.job.scope === 'unframe'}<p>No drawing of a frame taken apart.</p>
						<p class="quiet">Record its layers in Intake; its steps are in Bench.</p>
					{:else}<p>Enter the outside sizes to see the drawing.</p>
						<p class="quiet">
							Under Frame: profile, outer size{now.job.scope === 'back' ? ', pack thickness' : ', weight'}.
						</p>{/if}
				</div>{/if}
		{:else if !front || !section || (view === 'sheet' && !sheet)}
			<div class="empty">
				{#if windowNeeds}
					<p>To see the window: {windowNeeds}.</p>
					<p class="quiet">Enter it in Window, Measure or Frame.</p>
				{:else}
					<p>Enter width and height to see the drawing.</p>
					<p class="quiet">Measure it, in any unit: 412, 41.2 cm, 16 1⁄4 in.</p>
				{/if}
			</div>
		{:else if view === 'front'}
			<Drawing bind:this={drawing} scene={front} {...shared} anchor={sight?.opening.placement}>
				{#snippet overlay({ scale, place, size, drawn })}
					{#if zoning && sight}
						<DrawZone sheet={sheetBox(sight)} {scale} {place} {size} ondraw={draw} />
					{:else}
						<Pulls
							edges={edgeHandles(now.plan, now.job, editor.here.index)}
							zones={zoneHandles(now.plan, now.job, editor.here.index, editor.file)}
							{scale}
							{place}
							{size}
							{drawn}
							onhold={() => drawing?.hold()}
							onrelease={() => drawing?.release()}
						/>
					{/if}
				{/snippet}
			</Drawing>
			<div class="side">
				<div class="small"><Drawing scene={small ?? section} {...shared} callouts={false} label={13} /></div>
				<Layers />
			</div>
		{:else if view === 'corner'}
			{#if corner}<Drawing scene={corner} {...shared} most={5} />{:else}<div class="empty">
					<p>{now.job.mats.length === 0 ? 'No mat, so no window corner.' : 'A curve has no corner.'}</p>
				</div>{/if}
		{:else if view === 'layers'}
			<Choices />
			<div class="at-rabbet"><Drawing scene={section} {...shared} label={13} /></div>
		{:else if view === 'section'}
			<Drawing scene={section} {...shared} />
		{:else if view === 'back'}
			{#if back}<Drawing bind:this={drawing} scene={back} {...shared} anchor={sight?.opening.placement}>
					{#snippet overlay({ scale, place, size, drawn })}
						<Pulls
							edges={hingeHandles(now.plan, now.job, editor.here.index)}
							zones={[]}
							{scale}
							{place}
							{size}
							{drawn}
							onhold={() => drawing?.hold()}
							onrelease={() => drawing?.release()}
						/>
					{/snippet}
				</Drawing>{:else}<div class="empty"><p>Choose a moulding to see the back.</p></div>{/if}
		{:else if view === 'cut'}
			<CutParts {...now} {...shared} />
		{:else if view === 'wall'}
			<OnTheWall />
		{:else if view === 'compare'}
			<Compare />
		{:else}
			<Drawing scene={front} {...shared} />
			<Drawing scene={section} {...shared} callouts={false} />
			{#if back}<Drawing scene={back} {...shared} />{/if}
		{/if}
	</Tabs.Content>
</Tabs>

<style>
	:global(.views) {
		display: grid;
		grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr);
		height: 100%;
	}
	.head {
		display: flex;
		min-width: 0;
	}
	.head :global([data-part='list']) {
		flex: 1;
		min-width: 0;
	}
	.fold {
		display: none;
	}
	.zoning {
		grid-row: 2;
		display: flex;
		align-items: center;
		flex-wrap: wrap;
		gap: 6px 14px;
		padding: 6px 16px;
		background: var(--sheet);
		border-bottom: 1px solid var(--line-strong);
	}
	.kind {
		width: 300px;
	}
	:global(.drawings) {
		grid-row: 3;
		min-height: 0;
		display: grid;
		grid-template-rows: minmax(0, 1fr);
		padding: 2px 16px 10px;
		gap: 18px;
	}
	:global(.drawings.front) {
		grid-template-columns: minmax(0, 1fr) 236px;
	}
	:global(.drawings.layers) {
		grid-template-rows: auto minmax(212px, 1fr);
		gap: 6px;
	}
	.at-rabbet {
		min-width: 0;
		min-height: 0;
	}
	:global(.drawings.sheet) {
		grid-template-rows: minmax(0, 1fr) auto;
		gap: 4px;
	}
	/* The front takes most: its figures stand on all sides of it. */
	:global(.drawings.all) {
		grid-template-columns: minmax(0, 6fr) minmax(0, 4fr) minmax(0, 5fr);
	}
	.side {
		display: grid;
		grid-template: minmax(160px, 1fr) auto / minmax(0, 1fr);
		min-height: 0;
		gap: 6px;
		position: relative;
		overflow-y: auto;
	}
	.small {
		min-height: 0;
	}
	@media (max-width: 767px) {
		.fold {
			display: block;
			margin-inline: 0;
			padding-inline: 12px;
			border-left: 1px solid var(--line-strong);
			border-radius: 0;
		}
		/* What there is to choose is read from top to bottom, the section after it. */
		:global(.drawings.layers) {
			grid-template-rows: max-content 212px;
			position: relative;
			overflow-y: auto;
		}
		:global(.drawings.folded) {
			display: none;
		}
		:global(.drawings.front) {
			grid-template-columns: minmax(0, 1fr);
		}
		:global(.drawings.front) .side {
			display: none;
		}
		:global(.drawings.all) {
			grid-template: repeat(3, 260px) / minmax(0, 1fr);
			position: relative;
			overflow-y: auto;
		}
	}
	.empty {
		align-self: center;
		justify-self: center;
		text-align: center;
		grid-column: 1 / -1;
	}
</style>
