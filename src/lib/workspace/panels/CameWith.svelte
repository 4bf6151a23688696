<script lang="ts">
	/** What came with a frame that is there, part by part: it stays as what it is, it leaves, or there was none. */
	import { inSentence } from '$core/units/in-sentence.ts';
	import { cutAgain, isAtHand, onlyAtHand } from '$core/job/at-hand.ts';
	import { houseBoard } from '$core/job/material.ts';
	import { FASTENERS, HANGER_KINDS, NOT_KNOWN, type CameWith } from '$core/job/kinds.ts';
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { covers, SCOPE_OF } from '$core/job/scopes.ts';
	import { HANGERS } from '$core/stations/hang/kinds/all.ts';
	import { FASTENER_NAMES } from '$core/stations/frame/fasteners.ts';
	import LengthField from '$lib/ui/LengthField.svelte';
	import MoneyField from '$lib/ui/MoneyField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const kept = $derived(editor.file.frame?.kept ?? {});
	const replaced = $derived(editor.file.frame?.replaced ?? []);
	const metal = $derived(editor.file.frame?.kind === 'metal');
	const shop = $derived(editor.shopIn(editor.job.cutIn));
	/** A frame that stays closed has nothing taken out. */
	const closed = $derived(!SCOPE_OF[editor.job.scope].window);
	const atHand = $derived(editor.job.mats.some(isAtHand));

	const NONE = 'none-came';
	const LEAVES = 'leaves';
	const STAYS = 'stays';
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
			.map(({ id, name }) => ({ value: id, label: `stays: ${inSentence(name)}` }))
	);
	const backs = $derived(
		Object.values(shop.boards)
			.filter(({ id, stiff, woodFibre, withdrawn }) => (stiff !== false || woodFibre) && (!withdrawn || id === kept.back?.board))
			.map(({ id, name }) => ({ value: id, label: `stays: ${inSentence(name)}` }))
	);
	const points = $derived(
		FASTENERS.filter((kind) => (kind === 'clips') === metal).map((kind) => ({
			value: kind,
			label: `stay: ${FASTENER_NAMES[kind].many}`
		}))
	);
	const hangers = HANGER_KINDS.map((kind) => ({ value: kind, label: `stay: ${HANGERS[kind].came}` }));

	const stands = (part: CameWith, stays: string | undefined) => stays ?? (replaced.includes(part) ? LEAVES : NONE);

	/** Whether it stands among what leaves. */
	function marked(part: CameWith, leaves: boolean): Operation[] {
		const others = replaced.filter((one) => one !== part);
		const list = leaves ? [...others, part] : others;
		const keys = ['frame', 'replaced'];
		return list.length > 0 ? put(editor.file, keys, list) : drop(editor.file, keys);
	}

	/** A part stays, or it leaves, or there was none: one of the three. */
	function set(part: Exclude<CameWith, 'mat'>, value: string, stays: (value: string) => object | string) {
		const key = ['frame', 'kept', part];
		const isGone = value === NONE || value === LEAVES;
		editor.apply(isGone ? [...marked(part, value === LEAVES), ...drop(editor.file, key)] : put(editor.file, key, stays(value)));
	}

	/** One of two figures may be typed first: the pane is measured once both are there. */
	function sized(next: { width: number | string } | { height: number | string }): Operation[] {
		return put(editor.file, ['frame', 'kept', 'glazing', 'size'], { ...kept.glazing?.size, ...next });
	}

	/** Its opening and outer size are measured in Window. */
	function setMat(value: string) {
		const { file, job } = editor;
		const mats =
			value === STAYS
				? onlyAtHand(file, { board: NOT_KNOWN, have: {} })
				: atHand
					? cutAgain(file, job.mats, 0, houseBoard(job.aim, job.piece.proteinOrDye))
					: [];
		editor.apply([...marked('mat', value === LEAVES), ...mats]);
	}
</script>

<div class="group">
	<h2>Came with the frame</h2>
	{#if !closed}<MoneyField
			label="Cost of the frame"
			keys={['frame', 'price']}
			value={editor.job.bought.frame}
			currency={editor.shopIn().currency}
		/>{/if}
	{#if !closed}
		<Pick
			label="Its glazing"
			value={stands('glazing', kept.glazing && (kept.glazing.kind ?? NOT_KNOWN))}
			options={options('none', 'removed', [...glazings, unknown])}
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
			value={atHand ? STAYS : replaced.includes('mat') ? LEAVES : NONE}
			options={options('there was none', 'leaves', [{ value: STAYS, label: 'stays: measured in Window' }])}
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
				label="How many in all"
				keys={['frame', 'kept', 'points', 'count']}
				value={kept.points.count === undefined ? '' : String(kept.points.count)}
				number
			/>{/if}
	{/if}
	<Pick
		label="Its hangers"
		value={stands('hangers', kept.hangers)}
		options={options('there were none', 'leave', hangers)}
		onchange={(value) => set('hangers', value, (kind) => kind)}
	/>
	{#if kept.hangers && !covers(editor.job.scope, 'wall')}
		<LengthField
			label="From the top to its hangers"
			keys={['frame', 'kept', 'hangersAt', 'drop']}
			value={editor.typedLength(['frame', 'kept', 'hangersAt', 'drop'])}
			optional
		/>
		{#if !HANGERS[kept.hangers].single}<LengthField
				label="From each side to its hangers"
				keys={['frame', 'kept', 'hangersAt', 'inset']}
				value={editor.typedLength(['frame', 'kept', 'hangersAt', 'inset'])}
				optional
			/>{/if}
	{/if}
</div>
