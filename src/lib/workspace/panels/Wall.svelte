<script lang="ts">
	import { drop, put } from '$core/job/patch.ts';
	import { showNumber } from '$core/units/show.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	const hang = $derived(editor.settled.plan.hang);
	const by = $derived(editor.file.hang?.by ?? 'mass');
	const hooks = $derived(String(editor.file.hang?.hooks ?? 'width'));
	const BY = [
		{ value: 'mass', label: 'By mass' },
		{ value: 'wire', label: 'Wire' },
		{ value: 'rings', label: 'Rings' }
	];
	const HOOKS = [
		{ value: 'width', label: 'By width' },
		{ value: '1', label: 'One' },
		{ value: '2', label: 'Two' }
	];
	const DROPS = [
		{ value: 'third', label: 'A third' },
		{ value: 'quarter', label: 'A quarter' }
	];

	const given = (keys: string[], value: unknown, house: unknown) =>
		editor.apply(value === house ? drop(editor.file, keys) : put(editor.file, keys, value));
</script>

<Panel name="Wall" about="Rings, wire, hooks, and where the nails go.">
	<div class="group">
		<span class="quiet">It hangs by</span>
		<Choice label="It hangs by" value={by} options={BY} onchange={(value) => given(['hang', 'by'], value, 'mass')} />
		<span class="quiet">Hooks in the wall</span>
		<Choice
			label="Hooks in the wall"
			value={hooks}
			options={HOOKS}
			onchange={(value) => given(['hang', 'hooks'], value === 'width' ? 'width' : Number(value), 'width')}
		/>
		<span class="quiet">Rings down from the top by</span>
		<Choice
			label="Rings down from the top by"
			value={editor.job.schools['ring-drop'] ?? 'third'}
			options={DROPS}
			onchange={(value) => given(['schools', 'ring-drop'], value, 'third')}
		/>
		<LengthField label="Centre above the floor" keys={['hang', 'centreHeight']} value={editor.job.hang.centreHeight} />
	</div>
	{#if hang}
		<div class="group">
			<h2>On the frame</h2>
			<dl class="rows">
				<dt>Rings from the top</dt>
				<dd><Figure path="hang.drop" name="Drop of the rings" value={hang.drop} fine /></dd>
				<dt>Rings from the sides</dt>
				<dd><Figure path="hang.inset" name="Inset of the rings" value={hang.inset} fine /></dd>
				{#if hang.wire}
					<dt>Wire rises above them</dt>
					<dd><Figure path="hang.rise" name="Rise" value={hang.rise} fine /></dd>
					<dt>at an angle of</dt>
					<dd><Figure path="hang.angle" name="Angle" value={hang.angle} text="{showNumber(hang.angle, 1)}°" /></dd>
					<dt>and pulls with</dt>
					<dd><Figure path="hang.pullN" name="Pull in the wire" value={hang.pullN} text="{showNumber(hang.pullN, 1)} N" /></dd>
					<dt>Wire breaking at</dt>
					<dd>
						<Figure
							path="hang.wire.breakingKg"
							name="Breaking strength"
							value={hang.wire.breakingKg}
							text="{showNumber(hang.wire.breakingKg, 1)} kg"
						/>
					</dd>
					<dt>cut to</dt>
					<dd><Figure path="hang.wire.length" name="Length of wire" value={hang.wire.length} /></dd>
				{/if}
			</dl>
		</div>
		<div class="group">
			<h2>On the wall</h2>
			<dl class="rows">
				{#each hang.hooks as hook, index (index)}
					<dt>
						{hang.hooks.length === 1
							? 'Nail, on the centre line'
							: index === 0
								? 'Left nail, from the centre line'
								: 'Right nail, from the centre line'}
					</dt>
					<dd><Figure path="hang.hooks[{index}].x" name="Nail {index + 1} from the centre line" value={hook.x} fine /></dd>
				{/each}
				<dt>Nails above the floor</dt>
				<dd><Figure path="hang.hooks[0].height" name="Height of the nails" value={hang.hooks[0]!.height} fine /></dd>
				<dt>The whole weighs</dt>
				<dd>
					<Figure
						path="mass.kg"
						name="Mass"
						value={editor.settled.plan.mass!.kg}
						text="{showNumber(editor.settled.plan.mass!.kg)} kg"
					/>
				</dd>
			</dl>
		</div>
	{:else}
		<p>Choose a moulding first: size and mass decide.</p>
	{/if}
</Panel>
