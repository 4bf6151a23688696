<script lang="ts">
	import type { FrameKind } from '$core/job/kinds.ts';
	/** Wood from the stick, a metal section in pairs, or a frame that is there already, of wood or joined metal; and its profile. */
	import { isAtHand } from '$core/job/at-hand.ts';
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { isMetal } from '$core/shop/mouldings.ts';
	import { offered } from '$core/shop/stocked.ts';
	import { MM_PER_INCH } from '$core/units/length.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import { showWithUnit } from '$core/units/show.ts';
	import Combo from '$lib/ui/Combo.svelte';
	import Choice from '$lib/ui/Choice.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';
	import { mouldingOption } from '../options.ts';
	import FrameOpening from './FrameOpening.svelte';
	import { nth } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const frame = $derived(editor.settled.job.frame);
	const section = $derived(editor.job.frame?.section);
	// Until its profile is measured nothing is decided of a frame that is there.
	const kind = $derived(editor.job.frame?.kind ?? editor.file.frame?.kind ?? 'wood');
	/** It is there already: measured, not made. */
	const isThere = $derived(editor.job.frameIsThere);
	/** A frame that stays closed is measured outside. */
	const closed = $derived(!SCOPE_OF[editor.job.scope].window);
	/** As far as it was typed, while the profile is not whole yet. */
	const read = (key: 'face' | 'lip' | 'depth' | 'rabbetDepth') => section?.[key] ?? editor.typedLength(['frame', 'section', key]);
	const ENTERED = 'entered';
	const chosen = $derived(
		editor.file.frame?.section || (closed && !editor.file.frame?.moulding) ? ENTERED : (editor.file.frame?.moulding ?? '')
	);
	const stocked = $derived(
		offered(editor.shopIn(editor.job.cutIn).mouldings, editor.file.frame?.moulding).filter(
			(moulding) => isMetal(moulding) === (kind === 'metal')
		)
	);
	const mouldings = $derived([
		...(chosen === '' ? [{ value: '', label: 'choose' }] : []),
		...stocked.map((moulding) => mouldingOption(moulding, editor.reader)),
		{ value: ENTERED, label: 'Enter a profile' }
	]);
	const KINDS = [
		{ value: 'wood', label: 'Wood' },
		{ value: 'metal', label: 'Metal' },
		{ value: 'theirs', label: 'Customer’s frame' }
	] as const;
	const THEIRS = [
		{ value: 'ready-made', label: 'Wood' },
		{ value: 'metal', label: 'Metal, joined' }
	] as const;
	const CLOSED = [
		{ value: 'ready-made', label: 'Wood' },
		{ value: 'metal', label: 'Metal' }
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

	/** What belongs to one kind goes with it; a frame that is there gives the size, so the borders follow or are free again. */
	function setKind(next: FrameKind, joined = false) {
		const { allowance, colour } = editor.file.frame ?? {};
		const kept = { ...(allowance === undefined ? {} : { allowance }), ...(colour === undefined ? {} : { colour }) };
		const ofKind = Object.values(editor.shopIn(editor.job.cutIn).mouldings).filter((one) => isMetal(one) === (next === 'metal'));
		const first = ofKind.find(({ withdrawn }) => !withdrawn) ?? nth(ofKind, 0);
		// A frame that is there is measured: its figures arrive empty.
		const { section: typed, opening } = isThere ? (editor.file.frame ?? {}) : {};
		const made =
			next === 'ready-made' || joined
				? { ...kept, kind: next, ...(joined ? { joined } : {}), section: typed ?? {}, ...(opening ? { opening } : {}) }
				: { ...kept, kind: next, moulding: first.id };
		editor.apply([...put(editor.file, ['frame'], made), ...bordersFor(next === 'ready-made' || joined)]);
	}

	/** What somebody typed stays as it is: the plan says by how much it misses the frame, and offers what fits. */
	const TYPED = ['pack', 'width', 'top', 'right', 'bottom', 'left'] as const;

	function bordersFor(nextIsThere: boolean): Operation[] {
		const { weight, way } = editor.job.borders;
		const [front] = editor.job.mats;
		// A mat that is at hand brings its borders.
		if (nextIsThere === isThere || !front || isAtHand(front)) return [];
		if (TYPED.some((key) => editor.file.borders?.[key] !== undefined)) return [];
		if (nextIsThere) return put(editor.file, ['borders'], { way: 'fit', weight });
		if (way !== 'fit') return [];
		return put(editor.file, ['borders'], { way: 'weighted', weight });
	}

	function sectionOf({ face, lip, depth, rabbetDepth, density }: NonNullable<typeof section>) {
		return { face, lip, depth, rabbetDepth, density };
	}

	function choose(value: string) {
		if (value === ENTERED) {
			editor.apply([
				...drop(editor.file, ['frame', 'moulding']),
				...put(
					editor.file,
					['frame', 'section'],
					sectionOf(section ?? nth(Object.values(editor.shopIn(editor.job.cutIn).mouldings), 0))
				)
			]);
		} else if (value !== '')
			editor.apply([...drop(editor.file, ['frame', 'section']), ...put(editor.file, ['frame', 'moulding'], value)]);
	}
</script>

<div class="group">
	{#if !closed}<Choice
			label="Kind of frame"
			value={isThere ? 'theirs' : (kind as 'wood')}
			options={KINDS}
			onchange={(next) => (next === 'theirs' ? setKind('ready-made') : setKind(next))}
			compact
		/>{/if}
	{#if closed}<Choice
			label="Material of the customer’s frame"
			value={kind === 'metal' ? 'metal' : 'ready-made'}
			options={CLOSED}
			onchange={(next) => editor.put(['frame', 'kind'], next)}
			compact
		/>{:else if isThere}
		<Choice
			label="Material of the customer’s frame"
			value={kind as 'metal'}
			options={THEIRS}
			onchange={(next) => setKind(next, next === 'metal')}
			compact
		/>
		<FrameOpening />
	{:else}<Combo
			label={kind === 'metal' ? 'Metal section' : 'Moulding'}
			value={chosen}
			options={mouldings}
			onchange={choose}
		/>{/if}
	{#if chosen === ENTERED && (section || isThere)}
		{#if isThere}<h2>Profile, as measured</h2>{/if}
		{#each FIGURES as [key, label] (key)}<LengthField {label} keys={['frame', 'section', key]} value={read(key)} />{/each}
		{#if kind !== 'metal' && section}<TextField
				label="Density"
				unit="kg/m³"
				keys={['frame', 'section', 'density']}
				value={String(section.density)}
				number
			/>{/if}
	{/if}
	{#if kind === 'metal' && frame && !isThere}
		<Pick
			label="Pairs sold in"
			value={String(frame.pairStep)}
			options={STEPS.some(({ value }) => value === String(frame.pairStep))
				? STEPS
				: [...STEPS, { value: String(frame.pairStep), label: showWithUnit(frame.pairStep, editor.reader, 'mark') }]}
			onchange={(value) => editor.put(['frame', 'pairStep'], Number(value))}
		/>
	{/if}
</div>
