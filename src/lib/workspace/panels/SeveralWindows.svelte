<script lang="ts">
	/** Several windows in one mat: how many, in a grid or at places of their own. */
	import type { JobFile } from '$core/job/definition.ts';
	import { drop, put } from '$core/job/patch.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import { takeStep } from '../steps.ts';
	import { lastOf, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	type Opening = NonNullable<NonNullable<JobFile['window']>['openings']>[number];
	const openings = $derived((editor.file.window?.openings ?? []) as readonly Opening[]);
	const grid = $derived(editor.job.grid);
	const LAYOUTS = [
		{ value: 'grid', label: 'In a grid' },
		{ value: 'free', label: 'Placed singly' }
	] as const;
	const columns = $derived(
		Array.from({ length: Math.max(1, openings.length) }, (_, index) => ({ value: String(index + 1), label: String(index + 1) }))
	);

	/** What belongs to one sheet moves to its window; what all share stays. */
	function begin() {
		const { readings, image, zones, motif, picture, ...shared } = editor.file.piece ?? {};
		const own = Object.fromEntries(
			Object.entries({ readings, image, zones, motif, picture }).filter(([, value]) => value !== undefined)
		);
		const again = readings ? { readings } : {};
		editor.apply([
			...put(editor.file, ['piece'], shared),
			...put(editor.file, ['window'], {
				...editor.file.window,
				openings: [{ piece: own }, { piece: again }],
				grid: { columns: 2, rows: 1, gutter: editor.shopIn(editor.job.cutIn).house.gutter }
			})
		]);
		editor.at = 1;
	}

	function add() {
		const last = lastOf(openings);
		const place = grid
			? {}
			: { at: { left: (editor.plan.window?.opening.width ?? 0) + editor.shopIn(editor.job.cutIn).house.gutter, top: 0 } };
		const readings = last.piece?.readings;
		const next = { ...last, ...place, piece: readings ? { readings } : {} };
		const more = put(editor.file, ['window', 'openings'], [...openings, next]);
		const wider =
			grid && openings.length + 1 > grid.columns * grid.rows
				? put(editor.file, ['window', 'grid', 'rows'], Math.ceil((openings.length + 1) / grid.columns))
				: [];
		if (editor.apply([...more, ...wider]).length === 0) editor.at = openings.length - 1;
	}

	function removeWindow() {
		const index = editor.here.index;
		const left = openings.filter((_, at) => at !== index);
		const says = `Window ${index + 1} removed.`;
		if (left.length > 1) takeStep(editor, says, put(editor.file, ['window', 'openings'], left));
		else {
			const { openings: _, grid: __, ...window } = editor.file.window ?? {};
			const { at: ___, piece, ...own } = left[0] ?? {};
			takeStep(editor, says, [
				...put(editor.file, ['piece'], { ...editor.file.piece, ...piece }),
				...put(editor.file, ['window'], { ...window, ...own })
			]);
		}
		editor.at = 0;
	}

	function setLayout(layout: 'grid' | 'free') {
		if (layout === 'grid') {
			const { grid: _, ...window } = there(editor.file.window, 'window');
			const without = openings.map(({ at: __, ...opening }) => opening);
			const across = Math.ceil(Math.sqrt(openings.length));
			editor.put(['window'], {
				...window,
				openings: without,
				grid: { columns: across, rows: Math.ceil(openings.length / across), gutter: editor.shopIn(editor.job.cutIn).house.gutter }
			});
		} else {
			const places = editor.plan.window?.openings?.map(({ at }) => at) ?? [];
			const placed = openings.map((opening, index) => ({ ...opening, at: places[index] ?? { left: 0, top: 0 } }));
			editor.apply([...drop(editor.file, ['window', 'grid']), ...put(editor.file, ['window', 'openings'], placed)]);
		}
	}

	function setColumns(value: string) {
		const across = Number(value);
		editor.put(['window', 'grid'], {
			...there(editor.file.window, 'window').grid,
			columns: across,
			rows: Math.ceil(openings.length / across)
		});
	}
</script>

<div class="group">
	{#if openings.length === 0}
		<div><button type="button" class="btn btn-sm preset-quiet" onclick={begin}>several windows in this mat</button></div>
	{:else}
		<div class="head">
			<h2>{openings.length} windows in this mat</h2>
			<button type="button" class="btn btn-sm preset-quiet" onclick={add}>add a window</button>
		</div>
		<Choice label="Layout" value={grid ? 'grid' : 'free'} options={LAYOUTS} onchange={setLayout} compact />
		{#if grid}
			<Pick label="Columns" value={String(grid.columns)} options={columns} onchange={setColumns} />
			<LengthField label="Gutter" keys={['window', 'grid', 'gutter']} value={grid.gutter} zero />
		{:else if editor.here.choice.at}
			<LengthField
				label="Window {editor.here.index + 1} from the left"
				keys={['window', 'openings', editor.here.index, 'at', 'left']}
				value={editor.here.choice.at.left}
				zero
			/>
			<LengthField
				label="Window {editor.here.index + 1} from the top"
				keys={['window', 'openings', editor.here.index, 'at', 'top']}
				value={editor.here.choice.at.top}
				zero
			/>
		{/if}
		<div>
			<button type="button" class="btn btn-sm preset-quiet" onclick={removeWindow}>remove window {editor.here.index + 1}</button>
		</div>
	{/if}
</div>
