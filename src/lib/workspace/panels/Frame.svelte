<script lang="ts">
	import { closingRail, pairName } from '$core/stations/frame/kit.ts';
	import { FINISHES } from '$core/job/kinds.ts';
	import { drop, put } from '$core/job/patch.ts';
	import { RABBET_LININGS } from '$core/job/kinds.ts';
	import { FINISH_OF } from '$core/stations/frame/finishes.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import CameWith from './CameWith.svelte';
	import FrameKind from './FrameKind.svelte';
	import Given from './Given.svelte';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';
	import Shelf from './Shelf.svelte';
	import { known, nth, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const frame = $derived(editor.settled.plan.frame);
	const pack = $derived(editor.settled.plan.pack);
	const mass = $derived(editor.settled.plan.mass);
	const choice = $derived(editor.settled.job.frame);
	const metal = $derived(choice?.kind === 'metal');
	const closed = $derived(!SCOPE_OF[editor.job.scope].window);
	const stays = $derived(editor.job.kept.points !== null);
	const LININGS = $derived([
		{ value: '', label: 'none: bare wood' },
		...RABBET_LININGS.map((value) => ({ value, label: known(editor.shopIn(editor.job.cutIn).edgeSeals, value).name }))
	]);
	const FINISH_OPTIONS = [
		{ value: '', label: 'comes finished' },
		...FINISHES.map((value) => ({ value, label: `${FINISH_OF[value].name}, dries ${FINISH_OF[value].hours} h` }))
	];
	const PLACED = [
		['top', 'Top and bottom'],
		['side', 'Sides']
	] as const;
	/** Those that stay are where they are. */
	const placed = $derived(stays ? [] : PLACED);
	const CORNERS = [
		{ value: 'reinforced', label: 'Reinforced' },
		{ value: 'plain', label: 'Plain' }
	] as const;
	const POINTS = [
		{ value: 'rigid', label: 'Rigid points' },
		{ value: 'flexible', label: 'Flexible points' },
		{ value: 'hand', label: 'Push points' },
		{ value: 'turn-buttons', label: 'Turn buttons' },
		{ value: 'offset-clips', label: 'Offset clips' }
	];
	/** Its fields are empty until somebody measured it. */
	function addGroove() {
		editor.apply(put(editor.file, ['frame', 'groove'], {}));
	}
	/** Own counts of points or clips; left empty, the house spaces them. */
	const counts = (side: 'top' | 'side') => String(editor.file.frame?.pointCount?.[side] ?? '');
	function setCount(side: 'top' | 'side', value: string) {
		editor.apply(
			value === ''
				? drop(editor.file, ['frame', 'pointCount', side])
				: put(editor.file, ['frame', 'pointCount', side], Number(value))
		);
	}
	const COUNTS = [
		{ value: '', label: 'shop spacing' },
		...Array.from({ length: 12 }, (_, index) => ({ value: String(index + 1), label: String(index + 1) }))
	];
	/** What lies between pack and frame's back, in words. */
	const standing = $derived.by(() => {
		const clearance = pack?.clearance;
		if (clearance === undefined) return '';
		const { house } = editor.shopIn(editor.settled.job.cutIn);
		if (clearance < 0) return 'the pack is proud of the frame';
		if (metal)
			return clearance < house.clipLeast
				? 'a shim of card holds it'
				: clearance <= house.clipMost
					? 'right for a spring clip'
					: 'too slack for a clip';
		return clearance < house.roomForPoints
			? 'tight for the points'
			: clearance > house.recessedFrom
				? 'recessed'
				: 'room for the points';
	});
</script>

<Panel name="Frame" about="The frame, and whether the pack fits.">
	<FrameKind />
	{#if closed}<Given />{/if}
	{#if editor.job.frameIsThere}<CameWith />{/if}
	{#if closed}<!-- What lies in it is nobody’s figure. -->{:else if frame && pack && choice}
		<div class="group">
			<h2>Sizes</h2>
			<dl class="rows">
				{#each [['rabbet', metal ? 'Channel' : 'Rabbet'], ['sight', 'Sight'], ['outer', 'Outer']] as const as [key, label] (key)}
					<dt>{label}</dt>
					<dd>
						<Figure path="frame.{key}.width" name="{label} width" value={frame[key].width} /> × <Figure
							path="frame.{key}.height"
							name="{label} height"
							value={frame[key].height}
						/>
					</dd>
				{/each}
				<dt>Allowance</dt>
				<dd>
					<Figure path="frame.allowance.width" name="Allowance across" value={frame.allowance.width} /> × <Figure
						path="frame.allowance.height"
						name="Allowance down"
						value={frame.allowance.height}
					/>
				</dd>
				<dt>Clearance: {standing}</dt>
				<dd><Figure path="pack.clearance" name="Clearance" value={there(pack.clearance, 'clearance')} /></dd>
				{#if frame.depthWithStrips !== undefined}
					<dt>Depth with strips</dt>
					<dd><Figure path="frame.depthWithStrips" name="Depth with strips" value={frame.depthWithStrips} /></dd>
				{/if}
			</dl>
			<LengthField
				label="Allowance, set by hand"
				keys={['frame', 'allowance']}
				value={editor.job.frame?.allowance ?? null}
				zero
				optional
			/>
			{#if !metal}<LengthField
					label="Strips glued to the frame’s back"
					keys={['frame', 'deepen']}
					value={there(editor.job.frame, 'frame').deepen}
					zero
				/>
				{#if editor.file.frame?.groove}
					<LengthField
						label="Groove in the rabbet, from the lip’s underside"
						keys={['frame', 'groove', 'from']}
						value={editor.typedLength(['frame', 'groove', 'from'], true)}
						zero
					/>
					<LengthField
						label="Width of the groove"
						keys={['frame', 'groove', 'width']}
						value={editor.typedLength(['frame', 'groove', 'width'])}
					/>
					<div>
						<button
							type="button"
							class="btn btn-sm preset-quiet"
							onclick={() => editor.apply(drop(editor.file, ['frame', 'groove']))}>remove the groove</button
						>
					</div>
				{:else}<div>
						<button type="button" class="btn btn-sm preset-quiet" onclick={addGroove}>rabbet has a groove</button>
					</div>{/if}{/if}
		</div>
		<Shelf />
		{#if metal}
			{#if frame.kit}<div class="group">
					<h2>Kit to buy</h2>
					<ul class="kit" aria-label="Kit">
						{#each frame.kit as { part, size }, index (index)}
							<li>
								<span class="part"
									>{part}{#if size !== undefined}&nbsp;for <Figure
											path="frame.kit[{index}].size"
											name="Size of the {part}"
											value={size}
											text={pairName(size, choice.pairStep)}
										/>{/if}</span
								>
								<Figure
									path="frame.kit[{index}].count"
									name="Count of {part}"
									value={nth(frame.kit, index).count}
									text={String(nth(frame.kit, index).count)}
								/>
							</li>
						{/each}
					</ul>
				</div>
			{/if}
			<div class="group">
				<h2>Clips and closing</h2>
				{#if !stays}{@render ownCounts('Clips')}{/if}
				<p class="quiet">
					The {closingRail(frame.outer, editor.settled.job.schools['closing-rail'])} rail closes it. Clips: top and bottom {frame
						.points.top.count} each, sides {frame.points.side.count} each.
				</p>
			</div>
		{:else}
			<div class="group">
				<h2>{frame.rails ? 'Rails and points' : 'To drive'}</h2>
				{#if frame.rails}
					<dl class="rows">
						<dt>Rails at the long points</dt>
						<dd>
							2 × <Figure path="frame.rails[0]" name="Top rail" value={frame.rails[0]} /> · 2 × <Figure
								path="frame.rails[1]"
								name="Right rail"
								value={frame.rails[1]}
							/>
						</dd>
						<dt>Moulding needed</dt>
						<dd><Figure path="frame.stick" name="Stick" value={there(frame.stick, 'stick')} /></dd>
						<dt>Rabbet diagonal, both ways</dt>
						<dd><Figure path="frame.diagonal" name="Diagonal of the rabbet" value={there(frame.diagonal, 'diagonal')} /></dd>
					</dl>
					<span class="quiet">Corners</span>
					<Choice
						label="Corners"
						value={there(editor.job.frame, 'frame').corners}
						options={CORNERS}
						onchange={(value) => editor.put(['frame', 'corners'], value)}
					/>
				{/if}
				<Pick
					label="Finish of the bare wood"
					value={editor.file.frame?.finish ?? ''}
					options={FINISH_OPTIONS}
					onchange={(value) =>
						value === '' ? editor.apply(drop(editor.file, ['frame', 'finish'])) : editor.put(['frame', 'finish'], value)}
				/>
				<Pick
					label="Rabbet lining"
					value={there(editor.job.frame, 'frame').lining ?? ''}
					options={LININGS}
					onchange={(value) => editor.put(['frame', 'lining'], value === '' ? null : value)}
				/>
				<Flag
					label="Cross-brace"
					value={there(editor.job.frame, 'frame').brace}
					onchange={(on) => editor.put(['frame', 'brace'], on)}
				/>
				{#if stays}<p class="quiet">The existing points or clips stay.</p>{:else}<Pick
						label="Points"
						value={there(editor.job.frame, 'frame').points}
						options={POINTS}
						onchange={(value) => editor.put(['frame', 'points'], value)}
					/>{/if}
				{#if !stays && frame.points.kind !== 'offset-clips'}<LengthField
						label="First from the corner, tool’s fixed distance"
						keys={['frame', 'pointFirst']}
						value={there(editor.job.frame, 'frame').pointFirst}
						optional
					/>{/if}
				{#if !stays}{@render ownCounts(frame.points.kind === 'offset-clips' ? 'Clips' : 'Points')}{/if}
				<dl class="rows">
					<dt>In all</dt>
					<dd>
						<Figure path="frame.points.total" name="Points" value={frame.points.total} text={String(frame.points.total)} />
					</dd>
					{#each placed as [side, label] (side)}
						<dt>{label}, each: first, then every</dt>
						<dd>
							{frame.points[side].count} ×
							<Figure
								path="frame.points.{side}.first"
								name="First point, {label}"
								value={there(frame.points[side].first, 'first')}
							/>,
							<Figure
								path="frame.points.{side}.spacing"
								name="Spacing, {label}"
								value={there(frame.points[side].spacing, 'spacing')}
							/>
						</dd>
					{/each}
					{#if frame.offset !== undefined}
						<dt>The clips step {frame.offset < 0 ? 'up by' : 'down by'}</dt>
						<dd><Figure path="frame.offset" name="Step of the clips" value={Math.abs(frame.offset)} /></dd>
					{/if}
				</dl>
			</div>
		{/if}
		<div class="group">
			<h2>Weight</h2>
			<dl class="rows">
				{#each there(mass, 'mass').parts as { part, kg }, index (index)}
					<dt class="part">{part}</dt>
					<dd><Figure path="mass.parts[{index}].kg" name="Weight of the {part}" value={kg} /></dd>
				{/each}
				<dt><strong>Total</strong></dt>
				<dd><Figure path="mass.kg" name="Total weight" value={there(mass, 'mass').kg} /></dd>
			</dl>
		</div>
		<div class="group">
			<h2>Glazing sag</h2>
			<dl class="rows">
				<dt>Flat at the bench</dt>
				<dd><Figure path="pack.sag" name="Sag" value={pack.sag} /></dd>
				<dt>Flat for weeks</dt>
				<dd><Figure path="pack.sagWeeks" name="Sag after weeks" value={pack.sagWeeks} /></dd>
				<dt>Carried, leaning 10°</dt>
				<dd><Figure path="pack.sagCarried" name="Sag carried" value={pack.sagCarried} /></dd>
				<dt>Gap over the piece</dt>
				<dd><Figure path="pack.gap" name="Gap over the piece" value={pack.gap} /></dd>
			</dl>
			{#if pack.sag > pack.gap}<p class="quiet">
					Laid flat, it would touch the piece{pack.sagCarried <= pack.gap ? '; carried upright it stays clear' : ''}.
				</p>{/if}
		</div>
	{:else}
		{#if !closed}<Shelf />{/if}
	{/if}
	<Schools at="frame" />
	<HouseChoices at="frame" />
</Panel>

{#snippet ownCounts(what: string)}
	{#each [['top', 'top and bottom, each'], ['side', 'sides, each']] as const as [side, where] (side)}<Pick
			label="{what} at {where}"
			value={counts(side)}
			options={COUNTS}
			onchange={(value) => setCount(side, value)}
		/>{/each}
{/snippet}

<style>
	.kit li {
		display: flex;
		justify-content: space-between;
		gap: 10px;
		line-height: 24px;
		border-bottom: 1px solid var(--line);
	}
	.part::first-letter {
		text-transform: uppercase;
	}
</style>
