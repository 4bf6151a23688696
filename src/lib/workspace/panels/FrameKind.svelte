<script lang="ts">
	/** Wood from the stick, a metal section in pairs, or a frame that exists; and its section. */
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { MM_PER_INCH } from '$core/units/length.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import { currentShop } from '../editor.svelte.ts';
	import FrameOpening from './FrameOpening.svelte';

	const { editor } = useWorkspace();
	const frame = $derived(editor.settled.job.frame);
	const section = $derived(editor.job.frame?.section);
	const kind = $derived(editor.job.frame?.kind ?? 'wood');
	const OUTRIGHT = 'given outright';
	const chosen = $derived(editor.file.frame?.section ? OUTRIGHT : (editor.file.frame?.moulding ?? ''));
	const stocked = $derived(
		Object.values(currentShop().mouldings).filter((moulding) => (moulding.metal !== undefined) === (kind === 'metal'))
	);
	const mouldings = $derived([
		...(chosen === '' ? [{ value: '', label: 'choose' }] : []),
		...stocked.map((moulding) => ({
			value: moulding.id,
			label: `${moulding.name}, ${kind === 'metal' ? 'channel' : 'rabbet'} ${moulding.rabbetDepth}`
		})),
		{ value: OUTRIGHT, label: 'A section given outright' }
	]);
	const KINDS = [
		{ value: 'wood', label: 'Wood' },
		{ value: 'metal', label: 'Metal' },
		{ value: 'ready-made', label: 'It exists' }
	] as const;
	const FIGURES = $derived([
		['face', 'Face'],
		['lip', 'Lip'],
		['depth', 'Depth'],
		['rabbetDepth', kind === 'metal' ? 'Channel depth' : 'Rabbet depth']
	] as const);
	const STEPS = [
		{ value: String(MM_PER_INCH), label: 'whole inches' },
		{ value: String(MM_PER_INCH / 2), label: 'half inches' },
		{ value: '10', label: 'whole centimetres' }
	];

	/** What belongs to one kind goes with it; a frame that exists gives the size, so the borders follow or are free again. */
	function setKind(next: 'wood' | 'metal' | 'ready-made') {
		const { allowance, colour } = editor.file.frame ?? {};
		const kept = { ...(allowance === undefined ? {} : { allowance }), ...(colour === undefined ? {} : { colour }) };
		const first = Object.values(currentShop().mouldings).find((one) => (one.metal !== undefined) === (next === 'metal'))!;
		const { rabbet } = editor.plan.frame ?? {};
		const opening = rabbet ?? editor.plan.window?.pack ?? { width: 400, height: 500 };
		const made =
			next === 'ready-made'
				? { ...kept, kind: next, section: { ...(section ?? sectionOf(first)) }, opening: { ...opening } }
				: { ...kept, kind: next, moulding: first.id };
		editor.apply([...put(editor.file, ['frame'], made), ...bordersFor(next)]);
	}

	function bordersFor(next: string): Operation[] {
		const { weight } = editor.job.borders;
		if (next === 'ready-made') return put(editor.file, ['borders'], { way: 'fit', weight });
		if (kind !== 'ready-made') return [];
		return put(editor.file, ['borders'], { way: 'weighted', weight });
	}

	function sectionOf({ face, lip, depth, rabbetDepth, density }: NonNullable<typeof section>) {
		return { face, lip, depth, rabbetDepth, density };
	}

	function choose(value: string) {
		if (value === OUTRIGHT) {
			editor.apply([
				...drop(editor.file, ['frame', 'moulding']),
				...put(editor.file, ['frame', 'section'], sectionOf(section ?? stocked[0]!))
			]);
		} else if (value !== '')
			editor.apply([...drop(editor.file, ['frame', 'section']), ...put(editor.file, ['frame', 'moulding'], value)]);
	}
</script>

<div class="group">
	<Choice label="Kind of frame" value={kind} options={KINDS} onchange={setKind} />
	{#if kind === 'ready-made'}<FrameOpening />{/if}
	{#if kind !== 'ready-made'}<Pick
			label={kind === 'metal' ? 'Metal section' : 'Moulding'}
			value={chosen}
			options={mouldings}
			onchange={choose}
		/>{/if}
	{#if chosen === OUTRIGHT && section}
		{#if kind === 'ready-made'}<h2>Its section</h2>{/if}
		{#each FIGURES as [key, label] (key)}<LengthField {label} keys={['frame', 'section', key]} value={section[key]} />{/each}
		{#if kind !== 'metal'}<TextField
				label="Density"
				unit="kg/m³"
				keys={['frame', 'section', 'density']}
				value={String(section.density)}
				number
			/>{/if}
	{/if}
	{#if kind === 'metal' && frame}
		<Pick
			label="Its pairs are sold by"
			value={String(frame.pairStep)}
			options={STEPS.some(({ value }) => value === String(frame.pairStep))
				? STEPS
				: [...STEPS, { value: String(frame.pairStep), label: `${frame.pairStep} mm` }]}
			onchange={(value) => editor.put(['frame', 'pairStep'], Number(value))}
		/>
	{/if}
</div>
