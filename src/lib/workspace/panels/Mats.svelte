<script lang="ts">
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { writtenMats } from '$core/job/written.ts';
	import { houseBoard } from '$core/job/material.ts';
	import { matBoards } from '$core/advice/slots.ts';
	import { showSize } from '$core/units/show.ts';
	import Combo from '$lib/ui/Combo.svelte';
	import Choice from '$lib/ui/Choice.svelte';
	import ColourField from '$lib/ui/ColourField.svelte';
	import Fold from '$lib/ui/Fold.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { isAtHand } from '$core/job/at-hand.ts';
	import { NOT_KNOWN } from '$core/job/kinds.ts';
	import type { MatChoice } from '$core/job/decide-window.ts';
	import { useWorkspace } from '../context.ts';
	import AtHand from './AtHand.svelte';
	import { takeStep } from '../steps.ts';
	import { boardOption } from '../options.ts';
	import { nth, there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const swatches = $derived(Object.values(editor.shopIn().colours));
	/** More than six are not stacked in front of a piece. */
	const MOST = 6;
	const boards = (chosen: string) =>
		matBoards(editor.shopIn(editor.job.cutIn), chosen).map((board) => boardOption(board, editor.reader));
	const UNKNOWN = { value: NOT_KNOWN, label: 'Not known' };
	const isUnknown = (mat: MatChoice) => isAtHand(mat) && mat.board.unknown.length > 0;
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

	function set(index: number, key: string, value: unknown) {
		editor.apply(change(index, key, value));
	}

	function remove(index: number, key: string) {
		if (editor.file.mats) editor.apply(drop(editor.file, ['mats', index, key]));
	}

	const ENDS = [
		{ value: 'beyond-blank', label: 'beyond the board’s edge' },
		{ value: 'under-lip', label: 'under the frame’s lip' },
		{ value: 'at-sight', label: 'at the sight edge' }
	];
	const liftBoards = $derived(
		Object.values(editor.shopIn(editor.job.cutIn).boards)
			.filter((board) => !board.woodFibre && board.growth === 'paper')
			.map((board) => boardOption(board, editor.reader))
	);

	/** As large as it must be, until it is measured. */
	function print(index: number) {
		const { width, height } = there(editor.plan.window, 'window').pack;
		set(index, 'print', { width: width + 20, height: height + 20 });
	}

	function add() {
		const last = inFile.at(-1);
		if (!last)
			return editor.put(['mats'], [{ board: houseBoard(editor.job.aim, editor.job.piece.proteinOrDye), colour: 'shell' }]);
		editor.put(
			['mats'],
			[
				...inFile,
				{
					board: last.board,
					colour: 'slate',
					bevel: last.bevel ?? 'normal',
					reveal: editor.shopIn(editor.job.cutIn).house.reveal
				}
			]
		);
	}

	function removeMat(index: number) {
		const left = inFile.filter((_, at) => at !== index);
		const [first, ...others] = left;
		const { reveal: _, ...front } = first ?? {};
		takeStep(editor, `Mat ${index + 1} removed.`, put(editor.file, ['mats'], first ? [front, ...others] : []));
	}
</script>

<div class="group">
	<div class="head">
		<h2>Mats, from the front</h2>
		{#if inFile.length < MOST}<button type="button" class="btn btn-sm preset-quiet" onclick={add}>add a mat</button>{/if}
	</div>
	<ol>
		{#each editor.job.mats as mat, index (index)}
			<li>
				<Fold open={editor.job.mats.length < 3 || index > 0}>
					{#snippet title()}
						<span class="swatch" style:background={mat.colour.hex}></span>
						<span class="name">{mat.board.name}, {mat.colour.said}</span>
						<span class="quiet figures"
							>{editor.settled.plan.window
								? showSize(nth(editor.settled.plan.window.mats, index).opening, editor.reader)
								: ''}</span
						>
					{/snippet}
					<div class="fields">
						<AtHand {index} />
						<Combo
							label="Board of mat {index + 1}"
							value={isUnknown(mat) ? NOT_KNOWN : mat.board.id}
							options={isAtHand(mat) ? [...boards(mat.board.id), UNKNOWN] : boards(mat.board.id)}
							onchange={(value) => editor.apply(change(index, 'board', value))}
						/>
						<ColourField
							{swatches}
							label="Colour of mat {index + 1}"
							value={mat.colour}
							onchange={(colour) => set(index, 'colour', colour)}
						/>
						<Choice
							label="Bevel of mat {index + 1}"
							value={mat.bevel}
							options={bevels}
							onchange={(value) => editor.apply(change(index, 'bevel', value))}
							compact
						/>
						{#if index > 0 && !(isAtHand(mat) && editor.job.mats.slice(0, index).some(isAtHand))}<LengthField
								label="Reveal of mat {index + 1}"
								keys={['mats', index, 'reveal']}
								value={mat.reveal.left}
								zero
								write={(length) => change(index, 'reveal', length)}
							/>{/if}
						<Fold title="Core, line on the bevel, print">
							<div class="fields">
								<ColourField
									{swatches}
									label="Core of mat {index + 1}"
									value={mat.core}
									none="same as board"
									onnone={() => remove(index, 'core')}
									onchange={(colour) => set(index, 'core', colour)}
								/>
								<ColourField
									{swatches}
									label="Line on the bevel of mat {index + 1}"
									value={mat.bevelLine}
									none="none"
									onnone={() => remove(index, 'bevelLine')}
									onchange={(colour) => set(index, 'bevelLine', colour)}
								/>
								{#if mat.print}
									<LengthField
										label="Printed width of mat {index + 1}"
										keys={['mats', index, 'print', 'width']}
										value={mat.print.width}
										write={(length) => change(index, 'print', { ...mat.print, width: length })}
									/>
									<LengthField
										label="Printed height of mat {index + 1}"
										keys={['mats', index, 'print', 'height']}
										value={mat.print.height}
										write={(length) => change(index, 'print', { ...mat.print, height: length })}
									/>
									<Pick
										label="The print of mat {index + 1} ends"
										value={mat.printEnds}
										options={ENDS}
										onchange={(value) => set(index, 'printEnds', value)}
									/>
									<div>
										<button type="button" class="btn btn-sm preset-quiet" onclick={() => remove(index, 'print')}
											>not printed</button
										>
									</div>
								{:else if editor.plan.window}
									<div>
										<button type="button" class="btn btn-sm preset-quiet" onclick={() => print(index)}
											>printed or decorated</button
										>
									</div>
								{/if}
							</div>
						</Fold>
						<LengthField
							label="Lift behind mat {index + 1}"
							keys={['mats', index, 'lift']}
							value={mat.lift}
							zero
							write={(length) => change(index, 'lift', length)}
						/>
						{#if mat.lift > 0}<Combo
								label="Board of the lift behind mat {index + 1}"
								value={mat.liftBoard?.id ?? ''}
								options={[{ value: '', label: 'shop default' }, ...liftBoards]}
								onchange={(value) => (value === '' ? remove(index, 'liftBoard') : set(index, 'liftBoard', value))}
							/>{/if}
						{#if mat.lift > 0 && editor.settled.plan.window?.mats[index]?.lift}<LengthField
								label="Setback, lift of mat {index + 1}"
								keys={['mats', index, 'setback']}
								value={there(editor.settled.plan.window.mats[index].lift, 'lift').setback}
								zero
								write={(length) => change(index, 'setback', length)}
							/>{/if}
						<div>
							<button type="button" class="btn btn-sm preset-quiet" onclick={() => removeMat(index)}
								>remove mat {index + 1}</button
							>
						</div>
					</div>
				</Fold>
			</li>
		{/each}
	</ol>
	{#if editor.job.mats.length === 0}
		<p class="quiet">No mat: only the frame’s lip covers the piece. A spacer, in Guard, keeps the glazing off it.</p>
	{/if}
</div>

<style>
	ol {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 6px;
	}
	.name {
		flex: 1;
		font-weight: 400;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.swatch {
		flex: none;
		width: 16px;
		height: 16px;
		border: 1px solid var(--line-strong);
	}
	.fields {
		display: grid;
		gap: 7px;
		padding: 4px 0 8px;
	}
</style>
