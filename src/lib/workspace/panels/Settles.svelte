<script lang="ts">
	/** What if its mass lies off the middle, or a hook sits wrong: where it settles on its wire. */
	import { onItsWire, settle } from '$core/stations/hang/settle.ts';
	import { showForce, showLength } from '$core/units/show.ts';
	import Fold from '$lib/ui/Fold.svelte';
	import ReadLength from '$lib/ui/ReadLength.svelte';
	import { useWorkspace } from '../context.ts';

	const { editor } = useWorkspace();
	const { plan, job } = $derived(editor.settled);
	const hang = $derived(plan.hang);
	const frame = $derived(plan.frame);
	let offCentre = $state<number | null>(10);
	let hookUp = $state<number | null>(0);
	/** As it is tried: to the right, or the right hook too high; minus the other way. */
	const settled = $derived.by(() => {
		const kg = plan.mass?.kg;
		if (!hang || !frame || kg === undefined) return null;
		const of = onItsWire(hang, frame.outer, kg, editor.shopIn(job.cutIn).house);
		return of && settle({ ...of, offCentre: offCentre ?? 0, hookUp: hookUp ?? 0 });
	});
	const length = (mm: number): string => showLength(Math.abs(mm), editor.reader, 'mark').text;
	const says = $derived.by(() => {
		if (!settled || !frame) return 'It can’t hang like that.';
		const lower = Math.sin(settled.tilt) * frame.outer.width;
		const leans =
			Math.abs(lower) < 0.5 ? 'It hangs level' : `Its ${lower > 0 ? 'left' : 'right'} side hangs ${length(lower)} lower`;
		const aside =
			Math.abs(settled.right) < 0.5
				? ''
				: `, and it hangs ${length(settled.right)} farther ${settled.right > 0 ? 'right' : 'left'}`;
		return `${leans}${aside}. The wire pulls ${showForce(settled.leftN, editor.reader)} at the left and ${showForce(settled.rightN, editor.reader)} at the right.`;
	});
</script>

{#if hang?.wire}<Fold title="If it is off balance, or a hook is off">
		<div class="pair">
			<ReadLength
				small
				label="Weight, right of centre"
				value={offCentre}
				reader={editor.reader}
				zero
				onread={(mm) => (offCentre = mm)}
			/>
			{#if hang.hookCount === 2}<ReadLength
					small
					label="Right hook too high by"
					value={hookUp}
					reader={editor.reader}
					zero
					onread={(mm) => (hookUp = mm)}
				/>{/if}
		</div>
		<p role="status">{says}</p>
		<p class="quiet">Friction holds the wire where it lies on its hooks.</p>
	</Fold>{/if}

<style>
	.pair {
		display: grid;
		gap: 6px;
		margin: 6px 0;
	}
</style>
