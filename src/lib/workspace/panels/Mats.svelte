<script lang="ts">
	import { COLOURS, colourOf } from '$core/drawing/colours.ts';
	import { put, type Operation } from '$core/job/patch.ts';
	import { writtenMats } from '$core/job/written.ts';
	import { BOARDS } from '$core/shop/boards.ts';
	import { showSize } from '$core/units/show.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	/** More than four are not stacked in front of a piece. */
	const MOST = 4;
	const boards = BOARDS.filter((board) => !board.woodFibre && board.growth === 'paper').map((board) => ({
		value: board.id,
		label: board.name
	}));
	const bevels = [
		{ value: 'normal', label: 'Normal' },
		{ value: 'reverse', label: 'Reverse' }
	] as const;

	/** Where the file leaves the mats to the house, they are written out before one is changed. */
	const inFile = $derived((editor.file.mats ?? writtenMats(editor.job.mats)) as Record<string, unknown>[]);

	function change(index: number, key: string, value: unknown): Operation[] {
		if (editor.file.mats) return put(editor.file, ['mats', index, key], value);
		return put(
			editor.file,
			['mats'],
			inFile.map((mat, at) => (at === index ? { ...mat, [key]: value } : mat))
		);
	}

	function add() {
		const last = inFile.at(-1)!;
		editor.put(['mats'], [...inFile, { board: last.board, colour: 'slate', bevel: last.bevel ?? 'normal', reveal: 6 }]);
	}

	function takeOut(index: number) {
		const left = inFile.filter((_, at) => at !== index);
		const [first, ...others] = left as [Record<string, unknown>, ...Record<string, unknown>[]];
		const { reveal: _, ...front } = first;
		editor.put(['mats'], [front, ...others]);
	}
</script>

<div class="group">
	<div class="head">
		<h2>Mats, from the front</h2>
		{#if inFile.length < MOST}<button type="button" class="text-press" onclick={add}>add a mat</button>{/if}
	</div>
	<ol>
		{#each editor.job.mats as mat, index (index)}
			<li>
				<details open={editor.job.mats.length < 3 || index > 0}>
					<summary>
						<span class="swatch" style:background={colourOf(mat.colour)}></span>
						<span class="name">{mat.board.name}, {mat.colour}</span>
						<span class="quiet figures"
							>{editor.settled.plan.window ? showSize(editor.settled.plan.window.mats[index]!.opening, editor.unit) : ''}</span
						>
					</summary>
					<div class="fields">
						<Pick
							label="Board of mat {index + 1}"
							value={mat.board.id}
							options={boards.some((one) => one.value === mat.board.id)
								? boards
								: [...boards, { value: mat.board.id, label: mat.board.name }]}
							onchange={(value) => editor.apply(change(index, 'board', value))}
						/>
						<Pick
							label="Colour of mat {index + 1}"
							value={mat.colour}
							options={[
								...(COLOURS[mat.colour] ? [] : [{ value: mat.colour, label: mat.colour }]),
								...Object.keys(COLOURS).map((name) => ({ value: name, label: name }))
							]}
							onchange={(value) => editor.apply(change(index, 'colour', value))}
						/>
						<Choice
							label="Bevel of mat {index + 1}"
							value={mat.bevel}
							options={bevels}
							onchange={(value) => editor.apply(change(index, 'bevel', value))}
							compact
						/>
						{#if index > 0}<LengthField
								label="Reveal of mat {index + 1}"
								keys={['mats', index, 'reveal']}
								value={mat.reveal.left}
								zero
								write={(length) => change(index, 'reveal', length)}
							/>{/if}
						<LengthField
							label="Lift behind mat {index + 1}"
							keys={['mats', index, 'lift']}
							value={mat.lift}
							zero
							write={(length) => change(index, 'lift', length)}
						/>
						{#if editor.job.mats.length > 1}<div>
								<button type="button" class="text-press" onclick={() => takeOut(index)}>take mat {index + 1} out</button>
							</div>{/if}
					</div>
				</details>
			</li>
		{/each}
	</ol>
</div>

<style>
	ol {
		display: grid;
		gap: 6px;
	}
	summary {
		display: grid;
		grid-template-columns: 18px 1fr auto;
		gap: 8px;
		align-items: center;
		min-height: 30px;
		cursor: pointer;
	}
	.name {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.swatch {
		width: 16px;
		height: 16px;
		border: 1px solid var(--line-strong);
	}
	.fields {
		display: grid;
		gap: 7px;
		padding: 4px 0 8px 26px;
	}
</style>
