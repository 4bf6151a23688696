<script lang="ts">
	import type { BoneKind, PieceKind } from '$core/job/kinds.ts';
	import { belongsTo } from '$core/job/piece-fields.ts';
	import { putPieceKind } from '$core/job/piece-kind.ts';
	import { suggestAim } from '$core/job/suggest-aim.ts';
	import { SCOPES } from '$core/job/kinds.ts';
	import { drop, put } from '$core/job/patch.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import { SUPPORTS, supportsOf } from '$core/shop/supports.ts';
	import { DOSES } from '$core/shop/fade.ts';
	import { GRADE_NAMES as NAMES, type Grade } from '$core/shop/grades.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import DayField from '$lib/ui/DayField.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import Tags from '$lib/ui/Tags.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import { lowered } from '$lib/ui/words.ts';
	import { useWorkspace } from '../context.ts';
	import Alike from './Alike.svelte';
	import Belongs from './Belongs.svelte';
	import Concerns from './Concerns.svelte';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';
	import TwoSides from './TwoSides.svelte';
	import Unframing from './Unframing.svelte';
	import PlaceFields from './PlaceFields.svelte';

	const { editor } = useWorkspace();
	const piece = $derived(editor.file.piece ?? {});
	const media = $derived(piece.medium ?? []);
	/** What this kind of piece has; what was written of another kind stays to be seen. */
	const isOwn = (field: 'deckle' | 'bothSides' | 'fixative') =>
		belongsTo(editor.job.piece.kind, field, piece[field] !== undefined);

	const SCOPE_OPTIONS = SCOPES.map((value) => ({ value, label: SCOPE_OF[value].name }));
	const GRADES: { value: Grade; label: string }[] = [
		{ value: 'rare', label: 'Rare' },
		{ value: 'keep', label: 'Keep' },
		{ value: 'show', label: 'Show' }
	];
	const ABOUT: Record<Grade, string> = {
		rare: 'One of a kind: everything done can be undone.',
		keep: 'Original work and prints worth keeping.',
		show: 'Replaceable work and short displays.'
	};
	const KINDS = [
		{ value: 'paper', label: 'Work on paper' },
		{ value: 'photograph', label: 'Photograph' },
		{ value: 'panel', label: 'Panel' },
		{ value: 'canvas', label: 'Canvas on a stretcher' },
		{ value: 'textile', label: 'Textile' },
		{ value: 'vellum', label: 'Vellum, parchment' },
		{ value: 'bone', label: 'Bone, ivory, horn' },
		{ value: 'object', label: 'Object, keepsake' }
	];
	const BONES: { value: BoneKind; label: string }[] = [
		{ value: 'bone', label: 'Bone' },
		{ value: 'ivory', label: 'Ivory' },
		{ value: 'horn', label: 'Horn' },
		{ value: 'tortoiseshell', label: 'Tortoiseshell' }
	];
	/** Asked, not assumed. */
	const DRY = [
		{ value: 'asked', label: 'Not known' },
		{ value: 'dry', label: 'Dry' },
		{ value: 'wet', label: 'Not yet' }
	] as const;
	const dry = $derived(editor.job.piece.dry === null ? 'asked' : editor.job.piece.dry ? 'dry' : 'wet');
	const sticksBy = $derived(
		piece.sticks !== undefined ? 'set here' : editor.job.piece.media.some((medium) => medium.sticks) ? 'from its medium' : ''
	);
	const byMedium = $derived(editor.job.piece.fade !== null && piece.fade === undefined ? `, ${editor.job.piece.fade}` : '');
	const classes = $derived([
		{ value: '', label: `from the medium${byMedium}` },
		...DOSES.map(({ examples }, index) => ({ value: String(index + 1), label: `${index + 1}: ${examples}` }))
	]);
	const MEDIA_OPTIONS = $derived(
		Object.values(editor.shopIn().media)
			.filter(({ withdrawn, id }) => !withdrawn || editor.job.piece.media.some((one) => one.id === id))
			.map((one) => ({ value: one.id, label: one.name }))
	);
	/** What is asked of a kind of piece beside what it is. */
	const DETAIL: Record<PieceKind, string> = {
		paper: 'Kind of paper',
		photograph: 'Kind of support',
		panel: 'Kind of panel',
		canvas: 'Kind of canvas',
		textile: 'Fibre or make',
		vellum: 'Kind of skin',
		bone: 'Kind of bone',
		object: 'Made of'
	};
	const supports = $derived([
		{ value: '', label: 'not known' },
		...supportsOf(editor.job.piece.kind).map((value) => ({ value, label: SUPPORTS[value].name }))
	]);
	const POWDERY = [
		{ value: 'asked', label: 'Not known' },
		{ value: 'no', label: 'No' },
		{ value: 'yes', label: 'Yes' }
	] as const;
	const BASE = [
		{ value: 'asked', label: 'Not known' },
		{ value: 'no', label: 'Fibre' },
		{ value: 'yes', label: 'Resin-coated' }
	] as const;

	function answer(key: 'friable' | 'noWater', value: (typeof BASE)[number]['value']) {
		if (value === 'asked') editor.apply(drop(editor.file, ['piece', key]));
		else editor.put(['piece', key], value === 'yes');
	}

	const suggested = $derived(suggestAim({ ...piece, year: piece.year } as Parameters<typeof suggestAim>[0]));
</script>

<Panel name="Intake" about="What it is, and the protection it needs.">
	<div class="group">
		<TextField label="Title of the job" keys={['title']} value={editor.file.title ?? ''} />
		<TextField label="Owner" keys={['piece', 'owner']} value={piece.owner ?? ''} />
		<DayField label="Due" keys={['dates', 'wanted']} value={editor.file.dates?.wanted ?? ''} />
		{#if !editor.job.several && SCOPE_OF[editor.job.scope].window}<TwoSides />{/if}
	</div>
	<div class="group">
		<Pick
			label="Scope of work"
			value={editor.job.scope}
			options={SCOPE_OPTIONS}
			onchange={(value) => editor.apply(value === 'whole' ? drop(editor.file, ['scope']) : put(editor.file, ['scope'], value))}
		/>
		<p class="quiet">{SCOPE_OF[editor.job.scope].about}</p>
		<Alike />
		<Unframing />
	</div>
	<div class="group">
		<TextField label="Artist" keys={['piece', 'maker']} value={piece.maker ?? ''} />
		<TextField label="Year" keys={['piece', 'year']} value={piece.year ?? ''} />
		<DayField label="Received" keys={['dates', 'received']} value={editor.file.dates?.received ?? ''} />
	</div>
	<div class="group">
		<h2>Target grade</h2>
		<Choice
			label="Target grade"
			value={editor.job.aim}
			options={GRADES}
			undecided={editor.file.aim === undefined}
			onchange={(value) => editor.put(['aim'], value)}
		/>
		<p class="quiet">{ABOUT[editor.job.aim]}</p>
		<p>
			Intake suggests {NAMES[suggested.aim]}: {lowered(suggested.because)}
			{#if suggested.aim !== editor.job.aim}<button
					type="button"
					class="btn btn-sm preset-quiet"
					onclick={() => editor.put(['aim'], suggested.aim)}>target {NAMES[suggested.aim]}</button
				>{/if}
		</p>
		<Flag
			label="It is replaceable"
			value={editor.job.piece.replaceable}
			onchange={(on) => editor.put(['piece', 'replaceable'], on)}
		/>
		<Flag label="It will travel" value={editor.job.piece.travels} onchange={(on) => editor.put(['piece', 'travels'], on)} />
		{#if isOwn('deckle')}<Flag
				label="An edge is part of the work (deckle)"
				value={piece.deckle ?? false}
				onchange={(on) => editor.put(['piece', 'deckle'], on)}
			/>{/if}
		{#if isOwn('bothSides')}<Flag
				label="Worked on both sides"
				value={editor.job.piece.bothSides}
				onchange={(on) => editor.put(['piece', 'bothSides'], on)}
			/>{/if}
	</div>
	<div class="group">
		<h2>Made of</h2>
		<Pick
			label="Support"
			value={editor.job.piece.kind}
			options={KINDS}
			onchange={(value) => editor.apply(putPieceKind(editor.file, value as PieceKind))}
		/>
		{#if editor.job.piece.material}
			<Pick
				label="Kind"
				value={editor.job.piece.material}
				options={BONES}
				onchange={(value) => editor.put(['piece', 'material'], value)}
			/>
		{/if}
		{#if supports.length > 1}<Pick
				label={DETAIL[editor.job.piece.kind]}
				value={piece.support ?? ''}
				options={supports}
				onchange={(value) =>
					value ? editor.put(['piece', 'support'], value) : editor.apply(drop(editor.file, ['piece', 'support']))}
			/>{/if}
		{#if editor.job.piece.support}<p class="quiet">{editor.job.piece.support.says}</p>{/if}
		<Tags label="Media" values={media} options={MEDIA_OPTIONS} onchange={(values) => editor.put(['piece', 'medium'], values)} />
		{#each editor.job.piece.media.filter(({ says }) => says) as { id, name, says, fade } (id)}<p class="quiet">
				<strong>{name}, class {fade}:</strong>
				{says}
			</p>{/each}
		{#if editor.job.piece.media.some(({ mayShed }) => mayShed)}
			<span class="quiet">Matt and powdery</span>
			<Choice
				label="Is it matt and powdery?"
				value={piece.friable === undefined ? 'asked' : piece.friable ? 'yes' : 'no'}
				options={POWDERY}
				onchange={(value) => answer('friable', value)}
			/>
		{/if}
		{#if editor.job.piece.media.some(({ baseAsked }) => baseAsked)}
			<span class="quiet">Base of the print</span>
			<Choice
				label="Which base is the print on?"
				value={piece.noWater === undefined ? 'asked' : piece.noWater ? 'yes' : 'no'}
				options={BASE}
				onchange={(value) => answer('noWater', value)}
			/>
		{/if}
		<Pick
			label="Fade class of the most fugitive part"
			value={piece.fade === undefined ? '' : String(piece.fade)}
			options={classes}
			onchange={(value) =>
				value ? editor.put(['piece', 'fade'], Number(value)) : editor.apply(drop(editor.file, ['piece', 'fade']))}
		/>
		{#if piece.fade !== undefined && (piece.fadeBecause || piece.fade > (editor.job.piece.fadeOfMedia ?? 8))}<TextField
				label="Why a higher class than its media’s"
				keys={['piece', 'fadeBecause']}
				value={piece.fadeBecause ?? ''}
			/>{/if}
		<p class="quiet">
			{[editor.job.piece.friable ? 'Friable.' : '', editor.job.piece.proteinOrDye ? 'Needs unbuffered boards.' : '']
				.filter(Boolean)
				.join(' ')}
		</p>
		<Flag
			label="It can stick to the glazing{sticksBy ? `, ${sticksBy}` : ''}"
			value={editor.job.piece.sticks}
			onchange={(on) => editor.put(['piece', 'sticks'], on)}
		/>
		{#if isOwn('fixative')}<TextField
				label="Fixative or varnish used"
				keys={['piece', 'fixative', 'kind']}
				value={piece.fixative?.kind ?? ''}
			/>{/if}
		{#if piece.fixative}<DayField label="Applied on" keys={['piece', 'fixative', 'on']} value={piece.fixative.on ?? ''} />{/if}
		{#if editor.job.piece.dry !== true || piece.dry !== undefined}
			<span class="quiet">Paint, varnish and fixative</span>
			<Choice
				label="Are paint, varnish and fixative dry?"
				value={dry}
				options={DRY}
				onchange={(value) =>
					value === 'asked' ? editor.apply(drop(editor.file, ['piece', 'dry'])) : editor.put(['piece', 'dry'], value === 'dry')}
			/>
		{/if}
	</div>
	<PlaceFields />
	<div class="group">
		<h2>Condition</h2>
		<Concerns />
		<TextField label="Condition notes" keys={['piece', 'condition']} value={piece.condition ?? ''} lines={3} />
	</div>
	<Belongs />
	<Schools at="intake" />
	<HouseChoices at="intake" />
</Panel>
