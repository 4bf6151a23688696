<script lang="ts">
	import { drop, put } from '$core/job/patch.ts';
	import { MOULDINGS } from '$core/shop/mouldings.ts';
	import { showNumber } from '$core/units/show.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	const frame = $derived(editor.settled.plan.frame);
	const pack = $derived(editor.settled.plan.pack);
	const section = $derived(editor.job.frame?.section);
	const OUTRIGHT = 'given outright';
	const chosen = $derived(editor.file.frame?.section ? OUTRIGHT : (editor.file.frame?.moulding ?? ''));
	const mouldings = $derived([
		...(chosen === '' ? [{ value: '', label: 'choose' }] : []),
		...MOULDINGS.map((moulding) => ({ value: moulding.id, label: `${moulding.name}, rabbet ${moulding.rabbetDepth}` })),
		{ value: OUTRIGHT, label: 'A section given outright' }
	]);
	const CORNERS = [
		{ value: 'reinforced', label: 'Reinforced' },
		{ value: 'plain', label: 'Plain' }
	] as const;
	const POINTS = [
		{ value: 'rigid', label: 'Rigid pins' },
		{ value: 'flexible', label: 'Flexible tabs' },
		{ value: 'hand', label: 'Hand-pushed points' },
		{ value: 'turn-buttons', label: 'Turn buttons' }
	];
	const FIGURES = [
		['face', 'Face'],
		['lip', 'Lip'],
		['depth', 'Depth'],
		['rabbetDepth', 'Rabbet depth']
	] as const;

	function choose(value: string) {
		if (value === OUTRIGHT) {
			const { face, lip, depth, rabbetDepth, density } = section ?? MOULDINGS[0]!;
			editor.apply([
				...drop(editor.file, ['frame', 'moulding']),
				...put(editor.file, ['frame', 'section'], { face, lip, depth, rabbetDepth, density })
			]);
		} else if (value !== '') {
			editor.apply([...drop(editor.file, ['frame', 'section']), ...put(editor.file, ['frame', 'moulding'], value)]);
		}
	}
</script>

<Panel name="Frame" about="What the pack drops into, and whether it fits.">
	<div class="group">
		<Pick label="Moulding" value={chosen} options={mouldings} onchange={choose} />
		{#if chosen === OUTRIGHT && section}
			{#each FIGURES as [key, label] (key)}<LengthField {label} keys={['frame', 'section', key]} value={section[key]} />{/each}
			<TextField label="Density" unit="kg/m³" keys={['frame', 'section', 'density']} value={String(section.density)} number />
		{/if}
	</div>
	{#if frame && pack}
		<div class="group">
			<LengthField
				label="Allowance, if not by movement"
				keys={['frame', 'allowance']}
				value={editor.job.frame?.allowance ?? null}
				zero
				optional
			/>
			<span class="quiet">Corners</span>
			<Choice
				label="Corners"
				value={editor.job.frame!.corners}
				options={CORNERS}
				onchange={(value) => editor.put(['frame', 'corners'], value)}
			/>
			<Pick
				label="Points"
				value={editor.job.frame!.points}
				options={POINTS}
				onchange={(value) => editor.put(['frame', 'points'], value)}
			/>
		</div>
		<div class="group">
			<h2>Sizes</h2>
			<dl class="rows">
				{#each [['rabbet', 'Rabbet'], ['sight', 'Sight'], ['outer', 'Outer']] as const as [key, label] (key)}
					<dt>{label}</dt>
					<dd>
						<Figure path="frame.{key}.width" name="{label} width" value={frame[key].width} /> × <Figure
							path="frame.{key}.height"
							name="{label} height"
							value={frame[key].height}
						/>
					</dd>
				{/each}
				<dt>Larger than the pack by</dt>
				<dd>
					<Figure path="frame.allowance.width" name="Allowance across" value={frame.allowance.width} fine /> × <Figure
						path="frame.allowance.height"
						name="Allowance down"
						value={frame.allowance.height}
						fine
					/>
				</dd>
				<dt>Rabbet depth less pack</dt>
				<dd><Figure path="pack.clearance" name="Clearance" value={pack.clearance!} fine /></dd>
			</dl>
		</div>
		<div class="group">
			<h2>To cut and to drive</h2>
			<dl class="rows">
				{#if frame.rails}
					<dt>Rails at the long points</dt>
					<dd>
						2 × <Figure path="frame.rails[0]" name="Top rail" value={frame.rails[0]} />, 2 × <Figure
							path="frame.rails[1]"
							name="Right rail"
							value={frame.rails[1]}
						/>
					</dd>
					<dt>Stick needed</dt>
					<dd><Figure path="frame.stick" name="Stick" value={frame.stick!} /></dd>
				{/if}
				<dt>Points</dt>
				<dd><Figure path="frame.points.total" name="Points" value={frame.points.total} text={String(frame.points.total)} /></dd>
				<dt>top and bottom, apart</dt>
				<dd>
					{frame.points.top.count} × <Figure
						path="frame.points.top.spacing"
						name="Spacing of points at the top"
						value={frame.points.top.spacing}
						fine
					/>
				</dd>
				<dt>sides, apart</dt>
				<dd>
					{frame.points.side.count} × <Figure
						path="frame.points.side.spacing"
						name="Spacing of points at the sides"
						value={frame.points.side.spacing}
						fine
					/>
				</dd>
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
	{/if}
</Panel>
