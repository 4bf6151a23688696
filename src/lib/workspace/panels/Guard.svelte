<script lang="ts">
	/** The package layer by layer from the front: each with what it touches and faces; the chosen one is compared beside it. */
	import { atStart } from '$core/units/in-sentence.ts';
	import { partName } from '$core/stations/cut/part-name.ts';
	import type { Severity } from '$core/rule/rule.ts';
	import { slotsOf, whereOfSlot, type Slot } from '$core/advice/slots.ts';
	import { holdNames } from '$core/stations/hold/names.ts';
	import { put } from '$core/job/patch.ts';
	import Figure from '$lib/ui/Figure.svelte';
	import { readColour, type WrittenColour } from '$core/shop/colours.ts';
	import ColourField from '$lib/ui/ColourField.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import Sign from '$lib/ui/Sign.svelte';
	import { useWorkspace } from '../context.ts';
	import { takeStep } from '../steps.ts';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';
	import type { Layer } from '$core/figures/pack.ts';
	import { SPACER_NAMES } from '$core/stations/guard/layers/spacer.ts';
	import { there } from '$core/units/there.ts';

	const { editor, look } = useWorkspace();
	const guard = $derived(editor.job.guard);
	const plan = $derived(editor.settled.plan);
	const job = $derived(editor.settled.job);
	const fillers = $derived(editor.file.guard?.fillers ?? []);
	const JOINS = [
		{ value: 'gummed', label: 'Gummed tape along one edge' },
		{ value: 'paste', label: 'Paste' },
		{ value: 'transfer', label: 'Transfer tape' },
		{ value: 'spray', label: 'Sprayed glue' }
	];
	const swatches = $derived(Object.values(editor.shopIn().colours));
	const ORDER: Severity[] = ['stop', 'caution', 'note'];

	type Row = {
		slot: Slot | null;
		name: string;
		material: string;
		thickness: number | null;
		path: string | null;
		beside: string;
		where: string;
	};
	const rows = $derived.by((): Row[] => {
		const layers = plan.pack?.layers ?? [];
		const made = slotsOf({ job }).map((slot) => rowOf(slot, layers));
		const behind = made.findIndex(({ slot }) => slot?.name === 'support' || slot?.name === 'under-mat');
		return [...made.slice(0, behind), pieceRow(layers), ...made.slice(behind)];
	});
	const worst = (where: string): Severity | null =>
		ORDER.find((severity) =>
			plan.findings.some((finding) => finding.severity === severity && finding.where === where && !finding.accepted)
		) ?? null;

	/** What came with a frame, or is at hand, is neither cut nor bought. */
	function stays(name: string, isThere: boolean): string {
		return isThere ? `${name}, uncovered` : name;
	}

	function rowOf(slot: Slot, layers: Layer[]): Row {
		const index = slot.index ?? 0;
		const at = layers.findIndex((layer) => layer.role === slot.name && (layer.index ?? 0) === index);
		const layer = layers[at];
		const material = {
			glazing: job.guard.glazing.family === 'none' ? null : stays(job.guard.glazing.name, job.kept.glazing !== null),
			spacer: job.guard.spacer && SPACER_NAMES[job.guard.spacer.material].replace('Spacer, ', ''),
			mat: stays(`${job.mats[index]?.board.name}, ${job.mats[index]?.colour.said}`, job.mats[index]?.have != null),
			support: job.windows.find((window) => window.support)?.support?.name,
			'under-mat': job.guard.underMat?.name,
			filler: job.guard.fillers[index]?.board.name,
			barrier: job.guard.barrier?.name,
			backing: job.guard.backing && stays(job.guard.backing.name, job.kept.back !== null),
			'edge-seal': job.guard.edgeSeal?.name
		}[slot.name as string];
		const many = slot.name === 'mat' ? job.mats.length > 1 : job.guard.fillers.length > 1;
		const name = atStart(partName(slot.name)).replace('-', ' ');
		return {
			slot,
			name: many && slot.index !== undefined ? `${name} ${index + 1}` : name,
			material: material ?? 'none',
			thickness: layer?.thickness ?? null,
			path: at >= 0 ? `pack.layers[${at}].thickness` : null,
			beside: layer ? (layer.touches ? 'touches' : layer.faces ? 'faces' : '') : '',
			where: whereOfSlot(slot)
		};
	}

	function pieceRow(layers: Layer[]): Row {
		const at = layers.findIndex(({ role }) => role === 'piece');
		const fade = plan.light ? `fade class ${plan.light.fade}` : 'fade class not known';
		return {
			slot: null,
			name: job.piece.kind === 'photograph' ? 'Photograph' : job.piece.kind === 'paper' ? 'The sheet' : 'The piece',
			material: `${holdNames(job).label}, ${fade}`,
			thickness: layers[at]?.thickness ?? null,
			path: at >= 0 ? `pack.layers[${at}].thickness` : null,
			beside: '',
			where: ''
		};
	}

	const isOpen = (slot: Slot | null) =>
		slot !== null && slot.name === editor.slot.name && (slot.index ?? 0) === (editor.slot.index ?? 0);

	function open(slot: Slot) {
		editor.slot = slot;
		look('layers');
	}

	/** The last filler's place goes with it. */
	function removeFiller(index: number) {
		const left = fillers.filter((_, at) => at !== index);
		takeStep(editor, `Filler ${index + 1} removed.`, put(editor.file, ['guard', 'fillers'], left));
		editor.slot = { name: 'backing' };
	}

	function putSpacer(next: {
		thickness?: number | string;
		lined?: boolean;
		seen?: number | string | undefined;
		colour?: WrittenColour;
	}) {
		const { material, thickness, lined, seen, colour } = there(guard.spacer, 'spacer');
		const now = {
			material,
			thickness,
			lined,
			...(seen === null ? {} : { seen }),
			...(colour ? { colour: colour.written } : {}),
			...next
		};
		return put(
			editor.file,
			['guard', 'spacer'],
			Object.fromEntries(Object.entries(now).filter(([, value]) => value !== undefined))
		);
	}

	function addFiller() {
		const { 'foam-free': foam } = editor.shopIn(editor.job.cutIn).boards;
		editor.put(['guard', 'fillers'], [...fillers, { board: 'foam-free', thickness: there(foam, 'foam').thickness }]);
		open({ name: 'filler', index: fillers.length - 1 });
	}
</script>

<Panel name="Guard" about="What protects it, layer by layer from the front.">
	<ol class="layers">
		{#each rows as row (row.name)}
			{@const sign = worst(row.where)}
			<li class:open={isOpen(row.slot)} class:empty={row.material === 'none'}>
				{#if row.slot}
					<button
						type="button"
						aria-pressed={isOpen(row.slot)}
						aria-label="{row.name}: {row.material}{row.beside ? `, ${row.beside} the piece` : ''}"
						onclick={() => open(there(row.slot, 'slot'))}
					>
						<strong>{row.name}</strong>
						<span class="material">{row.material}</span>
						{#if row.beside}<span class="beside">{row.beside} the piece</span>{/if}
					</button>
				{:else}
					<div class="piece"><strong>{row.name}</strong><span class="material">{row.material}</span></div>
				{/if}
				<span class="end">
					{#if row.path && row.thickness !== null}<Figure
							path={row.path}
							name="Thickness, {row.name}"
							value={row.thickness}
						/>{:else}<span class="quiet">–</span>{/if}
					{#if row.slot && (sign || row.material !== 'none')}<Sign of={sign ?? 'settled'} size={12} />{/if}
				</span>
			</li>
			{#if isOpen(row.slot) && row.slot?.name === 'filler'}
				<li class="fields">
					<LengthField
						label="Thickness of filler {there(row.slot.index, 'index') + 1}"
						keys={['guard', 'fillers', there(row.slot.index, 'index'), 'thickness']}
						value={guard.fillers[there(row.slot.index, 'index')]?.thickness ?? 0}
					/>
					<button
						type="button"
						class="btn btn-sm preset-quiet"
						onclick={() => removeFiller(there(there(row.slot, 'slot').index, 'index'))}
						>remove filler {there(row.slot.index, 'index') + 1}</button
					>
				</li>
			{:else if isOpen(row.slot) && row.slot?.name === 'spacer' && guard.spacer}
				<li class="fields">
					<LengthField
						label="Spacer height: the gap it gives"
						keys={['guard', 'spacer', 'thickness']}
						value={guard.spacer.thickness}
						write={(length) => putSpacer({ thickness: length })}
					/>
					<LengthField
						label="Meant to show past the lip"
						keys={['guard', 'spacer', 'seen']}
						value={guard.spacer.seen}
						zero
						optional
						write={(length) => putSpacer({ seen: length })}
					/>
					<ColourField
						{swatches}
						label={guard.spacer.lined ? 'Colour of its covering' : 'Colour of its edge'}
						value={guard.spacer.colour ?? readColour('white')}
						onchange={(colour) => editor.apply(putSpacer({ colour }))}
					/>
					<Flag
						label="Covered with cloth or paper"
						value={guard.spacer.lined}
						onchange={(on) => editor.apply(putSpacer({ lined: on }))}
					/>
					{#if plan.pack?.spacer}
						{@const spacer = plan.pack.spacer}
						<dl class="rows">
							<dt>Two strips across, long</dt>
							<dd>
								<Figure path="pack.spacer.lengths.across" name="Length of the strips across" value={spacer.lengths.across} />
							</dd>
							<dt>two down between them</dt>
							<dd><Figure path="pack.spacer.lengths.down" name="Length of the strips down" value={spacer.lengths.down} /></dd>
							<dt>thick × high</dt>
							<dd>
								<Figure path="pack.spacer.thick" name="Thickness of the spacer" value={spacer.thick} /> × <Figure
									path="pack.spacer.high"
									name="Height of the spacer"
									value={spacer.high}
								/>
							</dd>
							<dt>showing past the lip</dt>
							<dd>
								{#if spacer.seen > 0}<Figure
										path="pack.spacer.seen"
										name="Seen of the spacer"
										value={spacer.seen}
									/>{:else}none{/if}
							</dd>
						</dl>
					{/if}
				</li>
			{/if}
		{/each}
	</ol>
	<button type="button" class="btn btn-sm preset-quiet" onclick={addFiller}>add a filler</button>
	{#if guard.underMat && job.hold.kind !== 'stitching'}<Flag
			label="Board behind it covered with cloth"
			value={guard.lining}
			onchange={(on) => editor.put(['guard', 'lining'], on)}
		/>{/if}
	{#if plan.pack}
		<dl class="rows sum">
			<dt><strong>Pack</strong></dt>
			<dd><strong><Figure path="pack.thickness" name="Pack thickness" value={plan.pack.thickness} /></strong></dd>
			{#if job.guard.glazing.family !== 'none'}
				<dt class={worst('pack.gap')}>Gap over the piece</dt>
				<dd class={worst('pack.gap')}>
					<Figure path="pack.gap" name="Gap over the piece" value={plan.pack.gap} /> (needs
					<Figure path="pack.gapNeed" name="Gap needed" value={plan.pack.gapNeed} />)
				</dd>
				<dt>Glazing sag when flat, at most</dt>
				<dd><Figure path="pack.sag" name="Sag" value={plan.pack.sag} /></dd>
			{/if}
			{#if plan.light && plan.light.years !== null}
				<dt>First visible fade after</dt>
				<dd>
					<Figure path="light.years" name="Years to a fade, an estimate" value={plan.light.years} />
				</dd>
			{/if}
			{#if plan.climate}
				<dt>Halfway to room humidity after</dt>
				<dd>
					<Figure path="climate.halfDays" name="Halfway to room humidity after" value={plan.climate.halfDays} />
				</dd>
			{/if}
		</dl>
	{/if}
	<div class="group">
		<Pick
			label="Window mat to back mat"
			value={guard.join}
			options={JOINS}
			onchange={(value) => editor.put(['guard', 'join'], value)}
		/>
		{#if guard.join === 'transfer'}<LengthField
				label="Join to window"
				keys={['guard', 'joinDistance']}
				value={guard.joinDistance}
				zero
			/>{/if}
	</div>
	<Schools at="guard" />
	<HouseChoices at="guard" />
</Panel>

<style>
	.layers li:not(.fields) {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto;
		border-bottom: 1px solid var(--line);
		margin: 0 -8px;
	}
	li.open {
		background: var(--sheet);
		box-shadow: inset 0 0 0 2px var(--accent);
	}
	li button,
	.piece {
		min-height: var(--row);
		display: grid;
		padding: 6px 0 6px 10px;
		text-align: left;
		min-width: 0;
	}
	li button {
		cursor: pointer;
	}
	li button:hover .material {
		color: var(--accent);
	}
	.material,
	.beside {
		font-size: var(--text-sm);
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.empty button {
		grid-template-columns: auto 1fr;
		gap: 8px;
		align-items: baseline;
	}
	.empty .material {
		color: var(--quiet);
	}
	.beside {
		color: var(--quiet);
		font-size: var(--text-xs);
	}
	.piece .material {
		color: var(--quiet);
	}
	.end {
		display: grid;
		justify-items: end;
		align-content: start;
		gap: 4px;
		padding: 6px 10px;
	}
	.fields {
		display: grid;
		gap: 4px;
		padding: 8px 0;
		justify-items: start;
	}
	.sum {
		border-top: 1px solid var(--line-strong);
		padding: 7px 0 0;
		margin: 2px 0 16px;
	}
	.stop {
		color: var(--stop);
		font-weight: 600;
	}
	.caution {
		color: var(--caution-ink);
		font-weight: 600;
	}
</style>
