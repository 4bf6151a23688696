<script lang="ts">
	import { flatWood, ringsFor } from '$core/stations/hang/hang.ts';
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { HANGERS_PLANNED } from '$core/job/kinds.ts';
	import { showStrength } from '$core/units/show.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Combo from '$lib/ui/Combo.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { sideOfCentre } from '$lib/ui/words.ts';
	import { useWorkspace } from '../context.ts';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';
	import Settles from './Settles.svelte';
	import { HANGERS } from '$core/stations/hang/kinds/all.ts';
	import { known, nth, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const hang = $derived(editor.settled.plan.hang);
	const frame = $derived(editor.settled.plan.frame);
	const shop = $derived(editor.shopIn(editor.settled.job.cutIn));
	const hooks = $derived(String(editor.file.hang?.hooks ?? 'width'));
	const BY = [
		{ value: 'house', label: 'As its weight asks' },
		...HANGERS_PLANNED.map((value) => {
			const { line, single: one } = HANGERS[value];
			return { value, label: one?.title ?? (line ? line.title : 'Rings straight on hooks') };
		})
	];
	const STAYS = 'stays';
	/** What came with the frame is chosen where the frame is. */
	const stays = $derived(editor.job.kept.hangers);
	const byOptions = $derived(stays ? [{ value: STAYS, label: 'By what came with the frame' }, ...BY] : BY);
	const by = $derived(stays ? STAYS : (BY.find(({ value }) => value === editor.file.hang?.by)?.value ?? 'house'));
	const single = $derived(hang ? HANGERS[hang.by].single : null);
	const HOOKS = [
		{ value: 'width', label: 'By width' },
		{ value: '1', label: 'One' },
		{ value: '2', label: 'Two' }
	];
	const wood = $derived(frame ? flatWood(editor.settled.job, frame, shop.house) : null);
	/** A plate wider than the wood is not offered; what was chosen before stays to be seen. */
	const rings = $derived.by(() => {
		const fitting = hang && wood !== null ? ringsFor(shop, wood, hang) : [];
		const chosen = editor.settled.job.hang.ring;
		return chosen && !fitting.some(({ id }) => id === chosen.id) ? [chosen, ...fitting] : fitting;
	});

	function setBy(value: string) {
		if (value === STAYS) return;
		const free = drop(editor.file, ['frame', 'kept', 'hangers']);
		editor.apply(value === 'house' ? [...free, ...drop(editor.file, ['hang', 'by'])] : put(editor.file, ['hang', 'by'], value));
	}
	/** A length takes the place of a share, and the other way round. */
	const asLength = (length: number | string): Operation[] => [
		...drop(editor.file, ['hang', 'dropShare']),
		...put(editor.file, ['hang', 'drop'], length)
	];
</script>

<Panel name="Wall" about="Rings, wire, hooks, and where the nails go.">
	<div class="group">
		<Pick label="It hangs by" value={by} options={byOptions} onchange={setBy} />
		{#if !single}
			<span class="quiet">Hooks in the wall</span>
			<Choice
				label="Hooks in the wall"
				value={hooks}
				options={HOOKS}
				onchange={(value) =>
					value === 'width' ? editor.apply(drop(editor.file, ['hang', 'hooks'])) : editor.put(['hang', 'hooks'], Number(value))}
				compact
			/>
		{/if}
		<LengthField
			label={single ? `${single.title} down from the top by` : 'Rings down from the top by'}
			keys={['hang', 'drop']}
			value={editor.job.hang.drop ?? hang?.drop ?? null}
			optional
			write={asLength}
		/>
		{#if wood !== null && hang && !single && !stays}
			<Combo
				label="Rings"
				value={editor.settled.job.hang.ring?.id ?? ''}
				options={[
					{ value: '', label: 'as the wood and the weight ask' },
					...rings
						.filter(({ withdrawn, id }) => !withdrawn || id === editor.settled.job.hang.ring?.id)
						.map((ring) => ({
							value: ring.id,
							label: ring.name,
							figure: `to ${showStrength(ring.workingKg, editor.reader)}`
						}))
				]}
				onchange={(value) =>
					value === '' ? editor.apply(drop(editor.file, ['hang', 'ring'])) : editor.put(['hang', 'ring'], value)}
			/>
			<Flag
				label="A strip across the back carries them"
				value={editor.job.hang.strip}
				onchange={(on) => editor.put(['hang', 'strip'], on)}
			/>
		{/if}
		<LengthField label="Centre above the floor" keys={['hang', 'centreHeight']} value={editor.job.hang.centreHeight} />
	</div>
	{#if hang}
		<div class="group">
			<h2>On the frame</h2>
			{#if hang.ring}<p>2 × {known(shop.rings, hang.ring).name.toLowerCase()}</p>{/if}
			<dl class="rows">
				<dt>{single ? single.title : 'Rings'} from the top</dt>
				<dd><Figure path="hang.drop" name="Drop of the rings" value={hang.drop} /></dd>
				{#if !single}
					<dt>Rings from the sides</dt>
					<dd><Figure path="hang.inset" name="Inset of the rings" value={hang.inset} /></dd>
				{/if}
				{#if hang.strip}
					<dt>Strip across the back</dt>
					<dd>
						<Figure path="hang.strip.width" name="Length of the strip" value={hang.strip.width} /> × <Figure
							path="hang.strip.height"
							name="Width of the strip"
							value={hang.strip.height}
						/>
					</dd>
				{/if}
				{#if hang.wire}
					<dt>The {hang.by} rises above them</dt>
					<dd><Figure path="hang.rise" name="Rise" value={hang.rise} /></dd>
					<dt>at an angle of</dt>
					<dd><Figure path="hang.angle" name="Angle" value={hang.angle} withUnit /></dd>
					<dt>and pulls with</dt>
					<dd><Figure path="hang.pullN" name="Pull in the {hang.by}" value={hang.pullN} withUnit /></dd>
					<dt>{HANGERS[hang.by].line?.title} that breaks at</dt>
					<dd><Figure path="hang.wire.breakingKg" name="Breaking strength" value={hang.wire.breakingKg} /></dd>
					<dt>cut to</dt>
					<dd><Figure path="hang.wire.length" name="Length of the {hang.by}" value={hang.wire.length} /></dd>
				{/if}
			</dl>
		</div>
		<div class="group">
			<h2>On the wall</h2>
			<dl class="rows">
				{#each hang.hooks as hook, index (index)}
					<dt>{hang.hooks.length === 1 ? 'Nail' : index === 0 ? 'Left nail' : 'Right nail'}</dt>
					<dd>
						<Figure
							path="hang.hooks[{index}].x"
							name="Nail {index + 1}"
							value={hook.x}
							text={sideOfCentre(hook.x, editor.reader)}
						/>
					</dd>
				{/each}
				<dt>{hang.hooks.length === 1 ? 'Nail' : 'Nails'} above the floor</dt>
				<dd><Figure path="hang.hooks[0].height" name="Height of the nails" value={nth(hang.hooks, 0).height} /></dd>
				<dt>The whole weighs</dt>
				<dd><Figure path="mass.kg" name="Mass" value={there(editor.settled.plan.mass, 'mass').kg} /></dd>
			</dl>
		</div>
	{:else}
		<p>
			{SCOPE_OF[editor.job.scope].window
				? 'Choose a frame first: its size and weight decide.'
				: 'It waits for what is measured under Frame: profile, outer size, weight.'}
		</p>
	{/if}
	<Settles />
	<Schools at="wall" />
	<HouseChoices at="wall" />
</Panel>
