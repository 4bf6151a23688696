<script lang="ts">
	import Flag from '$lib/ui/Flag.svelte';
	import Figure from '$lib/ui/Figure.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import { useWorkspace } from '../context.ts';
	import Panel from './Panel.svelte';

	const { editor } = useWorkspace();
	const back = $derived(editor.settled.plan.back);
	const SEALS = [
		{ value: '', label: 'none' },
		{ value: 'gummed', label: 'Gummed tape: water opens it again' },
		{ value: 'self-adhesive', label: 'Self-adhesive tape: quick' }
	];
	const BUMPERS = ['0', '2', '4'].map((count) => ({
		value: count,
		label: count === '0' ? 'none' : count === '2' ? 'two at the bottom' : 'four'
	}));
</script>

<Panel name="Back" about="What closes it against dust and damp.">
	<div class="group">
		<Pick
			label="Back seal"
			value={editor.job.back.seal ?? ''}
			options={SEALS}
			onchange={(value) => editor.put(['back', 'seal'], value === '' ? null : value)}
		/>
		<Flag
			label="Dust cover over the whole back"
			value={editor.job.back.dustCover}
			onchange={(on) => editor.put(['back', 'dustCover'], on)}
		/>
		<Pick
			label="Bumpers"
			value={String(editor.job.back.bumpers)}
			options={BUMPERS}
			onchange={(value) => editor.put(['back', 'bumpers'], Number(value))}
		/>
	</div>
	{#if back?.tape}
		<div class="group">
			<h2>Back tape</h2>
			<dl class="rows">
				<dt>It must be wide</dt>
				<dd><Figure path="back.tape.width" name="Width of tape needed" value={back.tape.width} fine /></dd>
				<dt>Taken from stock{back.tape.passes > 1 ? `, in ${back.tape.passes} passes` : ''}</dt>
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
			<h2>Edge seal, before the pack enters the frame</h2>
			<dl class="rows">
				<dt>Taken from stock</dt>
				<dd><Figure path="back.edgeSeal.stock" name="Edge seal from stock" value={back.edgeSeal.stock} /></dd>
				<dt>Length, with 5 % to spare</dt>
				<dd><Figure path="back.edgeSeal.length" name="Length of edge seal" value={back.edgeSeal.length} /></dd>
			</dl>
		</div>
	{/if}
	{#if back?.dustCover}
		<div class="group">
			<h2>Dust cover, finished</h2>
			<p>
				<Figure path="back.dustCover.width" name="Dust cover width" value={back.dustCover.width} /> × <Figure
					path="back.dustCover.height"
					name="Dust cover height"
					value={back.dustCover.height}
				/>
			</p>
		</div>
	{/if}
</Panel>
