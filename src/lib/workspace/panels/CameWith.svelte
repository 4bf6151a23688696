<script lang="ts">
	/** What came with a frame that is there, part by part: it stays as what it is, it leaves, or there was none. */
	import { FASTENERS, HANGERS_PLANNED, NOT_KNOWN, type CameWith } from '$core/job/kinds.ts';
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { writtenMats } from '$core/job/written.ts';
	import { HANGERS } from '$core/stations/hang/kinds/all.ts';
	import { FASTENER_NAMES } from '$core/stations/frame/fasteners.ts';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const kept = $derived(editor.file.frame?.kept ?? {});
	const replaced = $derived(editor.file.frame?.replaced ?? []);
	const metal = $derived(editor.file.frame?.kind === 'metal');
	const shop = $derived(editor.shopIn(editor.job.cutIn));
	/** A frame that stays closed has nothing taken out. */
	const closed = $derived(editor.job.scope === 'hang' || editor.job.scope === 'back');
	const atHand = $derived(editor.job.mats.some(({ have, unmeasured }) => have !== null || unmeasured));

	const NONE = 'none-came';
	const LEAVES = 'leaves';
	type Option = { value: string; label: string };
	const options = (none: string, leaves: string, stay: readonly Option[]): Option[] => [
		{ value: NONE, label: none },
		{ value: LEAVES, label: leaves },
		...stay
	];
	const unknown = { value: NOT_KNOWN, label: 'stays, kind not known' };
	const glazings = $derived(
		Object.values(shop.glazings)
			.filter(({ id, withdrawn }) => id !== 'none' && (!withdrawn || id === kept.glazing?.kind))
			.map(({ id, name }) => ({ value: id, label: `stays: ${name.toLowerCase()}` }))
	);
	const backs = $derived(
		Object.values(shop.boards)
			.filter(({ id, stiff, woodFibre, withdrawn }) => (stiff !== false || woodFibre) && (!withdrawn || id === kept.back?.board))
			.map(({ id, name }) => ({ value: id, label: `stays: ${name.toLowerCase()}` }))
	);
	const points = $derived(
		FASTENERS.filter((kind) => (kind === 'clips') === metal).map((kind) => ({
			value: kind,
			label: `stay: ${FASTENER_NAMES[kind].many}`
		}))
	);
	const hangers = HANGERS_PLANNED.map((kind) => {
		const { line, single } = HANGERS[kind];
		return { value: kind, label: `stay: ${single?.name ?? (line ? `rings and ${line.name}` : 'rings')}` };
	});

	const stands = (part: CameWith, stays: string | undefined) => stays ?? (replaced.includes(part) ? LEAVES : NONE);

	/** A part stays, or it leaves, or there was none: one of the three. */
	function set(part: CameWith, value: string, stays: (value: string) => object | string) {
		const others = replaced.filter((one) => one !== part);
		const list = value === LEAVES ? [...others, part] : others;
		const marked: Operation[] =
			list.length > 0 ? put(editor.file, ['frame', 'replaced'], list) : drop(editor.file, ['frame', 'replaced']);
		const is = value === NONE || value === LEAVES;
		const key = ['frame', 'kept', part];
		editor.apply([...marked, ...(is ? drop(editor.file, key) : put(editor.file, key, stays(value)))]);
	}

	/** One of two figures may be typed first: the pane is measured once both are there. */
	function sized(next: { width: number | string } | { height: number | string }): Operation[] {
		return put(editor.file, ['frame', 'kept', 'glazing', 'size'], { ...kept.glazing?.size, ...next });
	}

	/** Its opening and outer size are measured under Window; borders and overlap come with it. */
	function setMat(value: string) {
		const others = replaced.filter((one) => one !== 'mat');
		const marked: Operation[] =
			value === LEAVES
				? put(editor.file, ['frame', 'replaced'], [...others, 'mat'])
				: others.length > 0
					? put(editor.file, ['frame', 'replaced'], others)
					: drop(editor.file, ['frame', 'replaced']);
		const mats =
			value === 'stays' ? [{ board: NOT_KNOWN, have: {} }] : writtenMats(editor.job.mats).map(({ have: _, ...mat }) => mat);
		const free = [
			...drop(editor.file, ['borders']),
			...(editor.file.window?.overlap === undefined ? [] : drop(editor.file, ['window', 'overlap']))
		];
		const back =
			atHand && value !== 'stays' ? [...put(editor.file, ['mats'], mats.map(asCut)), ...drop(editor.file, ['borders'])] : [];
		editor.apply([...marked, ...(value === 'stays' ? [...put(editor.file, ['mats'], mats), ...free] : back)]);
	}

	/** A mat that is cut is of a board that is known. */
	function asCut(mat: { board: string }) {
		return mat.board === NOT_KNOWN ? { ...mat, board: 'cotton-4' } : mat;
	}
</script>

<div class="group">
	<h2>Came with it</h2>
	{#if !closed}
		<Pick
			label="Its glazing"
			value={stands('glazing', kept.glazing && (kept.glazing.kind ?? NOT_KNOWN))}
			options={options('there was none', 'leaves', [...glazings, unknown])}
			onchange={(value) => set('glazing', value, (kind) => ({ kind }))}
		/>
		{#if kept.glazing}
			<LengthField
				label="Thickness of its glazing"
				keys={['frame', 'kept', 'glazing', 'thickness']}
				value={editor.job.kept.glazing?.thickness ?? null}
				look="fine"
				optional
			/>
			<LengthField
				label="Width of its glazing"
				keys={['frame', 'kept', 'glazing', 'size', 'width']}
				value={editor.job.kept.glazing?.size?.width ?? null}
				optional
				write={(width) => sized({ width })}
			/>
			<LengthField
				label="Height of its glazing"
				keys={['frame', 'kept', 'glazing', 'size', 'height']}
				value={editor.job.kept.glazing?.size?.height ?? null}
				optional
				write={(height) => sized({ height })}
			/>
		{/if}
		<Pick
			label="Its mat"
			value={atHand ? 'stays' : replaced.includes('mat') ? LEAVES : NONE}
			options={options('there was none', 'leaves', [{ value: 'stays', label: 'stays: measured under Window' }])}
			onchange={setMat}
		/>
		<Pick
			label="Its back"
			value={stands('back', kept.back && (kept.back.board ?? NOT_KNOWN))}
			options={options('there was none', 'leaves', [...backs, unknown])}
			onchange={(value) => set('back', value, (board) => ({ board }))}
		/>
		{#if kept.back}<LengthField
				label="Thickness of its back"
				keys={['frame', 'kept', 'back', 'thickness']}
				value={editor.job.kept.back?.thickness ?? null}
				look="fine"
				optional
			/>{/if}
		<Pick
			label={metal ? 'Its clips' : 'Its points or tabs'}
			value={stands('points', kept.points && (kept.points.kind ?? NOT_KNOWN))}
			options={options('there were none', 'leave', points)}
			onchange={(value) => set('points', value, (kind) => ({ kind }))}
		/>
		{#if kept.points}<TextField
				label="How many of them, in all"
				keys={['frame', 'kept', 'points', 'count']}
				value={kept.points.count === undefined ? '' : String(kept.points.count)}
				number
			/>{/if}
	{/if}
	{#if editor.job.scope !== 'back'}
		<Pick
			label="Its hangers"
			value={stands('hangers', kept.hangers)}
			options={options('there were none', 'leave', hangers)}
			onchange={(value) => set('hangers', value, (kind) => kind)}
		/>
	{/if}
</div>
