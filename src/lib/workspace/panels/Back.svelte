<script lang="ts">
	import { drop, put } from '$core/job/patch.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import Combo from '$lib/ui/Combo.svelte';
	import OnOff from '$lib/ui/OnOff.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import HouseChoices from './HouseChoices.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';

	const { editor } = useWorkspace();
	const back = $derived(editor.settled.plan.back);
	/** The clips of a metal section hold the back, and its hangers slide where a tape would stick. */
	const metal = $derived(editor.job.frame?.kind === 'metal');
	const paper = $derived(back?.dustCoverPaper && editor.shopIn().dustCovers[back.dustCoverPaper]?.name);
	/** A frame whose glazing stays closed: its board is a new one, or stays. */
	const closed = $derived(!SCOPE_OF[editor.job.scope].window);
	const boards = $derived([
		{ value: '', label: 'the existing one stays' },
		...Object.values(editor.shopIn(editor.job.cutIn).boards)
			.filter(({ id, stiff, withdrawn }) => (stiff !== false && !withdrawn) || id === editor.file.guard?.backing)
			.map(({ id, name }) => ({ value: id, label: name }))
	]);
	const SEALS = [
		{ value: '', label: 'none' },
		{ value: 'gummed', label: 'Gummed tape: opens with water' },
		{ value: 'self-adhesive', label: 'Self-adhesive tape: quick' }
	];
	const BUMPERS = ['0', '2', '4'].map((count) => ({
		value: count,
		label: count === '0' ? 'none' : count === '2' ? 'two at the bottom' : 'four'
	}));
</script>

<Panel name="Back" about="What keeps out dust and moisture.">
	<div class="group">
		{#if closed}<Combo
				label="New board"
				value={editor.job.guard.backing?.id ?? ''}
				options={boards}
				onchange={(value) =>
					editor.apply(value === '' ? drop(editor.file, ['guard', 'backing']) : put(editor.file, ['guard', 'backing'], value))}
			/>{/if}
		{#if metal}
			<p>A metal frame is not taped: its clips hold the back, and the edge seal round the pack keeps dust out.</p>
		{:else}
			<Pick
				label="Back tape"
				value={editor.job.back.seal ?? ''}
				options={SEALS}
				onchange={(value) => editor.put(['back', 'seal'], value === '' ? null : value)}
			/>
			<OnOff
				label="Dust cover over the whole back"
				value={editor.job.back.dustCover}
				onchange={(on) => editor.put(['back', 'dustCover'], on)}
			/>
		{/if}
		<Pick
			label="Bumpers"
			value={String(editor.job.back.bumpers)}
			options={BUMPERS}
			onchange={(value) => editor.put(['back', 'bumpers'], Number(value))}
		/>
		{#if editor.job.back.bumpers > 0}<LengthField
				label="Height of a bumper"
				keys={['back', 'bumperHeight']}
				value={editor.job.back.bumperHeight}
			/>{/if}
	</div>
	{#if back?.board}
		<div class="group">
			<h2>New board</h2>
			<dl class="rows">
				<dt>Cut to</dt>
				<dd>
					<Figure path="back.board.width" name="Width of the new board" value={back.board.width} /> × <Figure
						path="back.board.height"
						name="Height of the new board"
						value={back.board.height}
					/>
				</dd>
			</dl>
		</div>
	{/if}
	{#if back?.tape}
		<div class="group">
			<h2>Back tape</h2>
			<dl class="rows">
				<dt>On the wood</dt>
				<dd><Figure path="back.tape.land" name="Tape on the wood" value={back.tape.land} /></dd>
				<dt>Width needed</dt>
				<dd><Figure path="back.tape.width" name="Width of tape needed" value={back.tape.width} /></dd>
				<dt>From stock{back.tape.passes > 1 ? `, in ${back.tape.passes} passes` : ''}</dt>
				<dd><Figure path="back.tape.stock" name="Tape from stock" value={back.tape.stock} /></dd>
				<dt>Two strips</dt>
				<dd><Figure path="back.tape.strips[0]" name="Strip at the top" value={back.tape.strips[0]} /></dd>
				<dt>and two</dt>
				<dd><Figure path="back.tape.strips[1]" name="Strip at the side" value={back.tape.strips[1]} /></dd>
			</dl>
		</div>
	{/if}
	{#if back?.edgeSeal}
		<div class="group">
			<h2>Edge seal, before fitting</h2>
			<LengthField label="Tape over the glazing’s face" keys={['guard', 'sealOnFace']} value={editor.job.guard.sealOnFace} />
			<dl class="rows">
				<dt>From stock</dt>
				<dd><Figure path="back.edgeSeal.stock" name="Edge seal from stock" value={back.edgeSeal.stock} /></dd>
				<dt>Length, with 5 % to spare</dt>
				<dd><Figure path="back.edgeSeal.length" name="Length of edge seal" value={back.edgeSeal.length} /></dd>
			</dl>
		</div>
	{/if}
	{#if back?.dustCover && back.dustCoverRough}
		<div class="group">
			<h2>Dust cover</h2>
			{#if paper}<p class="quiet">{paper}</p>{/if}
			<dl class="rows">
				{#each [['dustCoverRough', back.dustCoverRough, 'Cut roughly to'], ['dustCover', back.dustCover, 'Trimmed to']] as const as [key, size, label] (key)}
					<dt>{label}</dt>
					<dd>
						<Figure path="back.{key}.width" name="{label}, width" value={size.width} /> × <Figure
							path="back.{key}.height"
							name="{label}, height"
							value={size.height}
						/>
					</dd>
				{/each}
			</dl>
		</div>
	{/if}
	<Schools at="back" />
	<HouseChoices at="back" />
</Panel>
