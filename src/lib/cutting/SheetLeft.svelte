<script lang="ts">
	/** What is left of a sheet once its cuts are made: each offcut as it measures and location. */
	import type { Rect } from '$core/nesting/figures.ts';
	import type { Unit } from '$core/units/length.ts';
	import { showLength, showSize } from '$core/units/show.ts';
	import { readSide, UNREAD } from './measured.ts';

	type Left = { width: number; height: number; place: string };
	type Props = {
		offcuts: readonly Rect[];
		/** From the first. */
		number: number;
		isStick: boolean;
		/** A rest of a stick that is shorter is not kept. */
		restLeast: number;
		busy: boolean;
		unit: Unit;
		onback: () => void;
		ondone: (left: Left[]) => void;
	};
	const { offcuts, number, isStick, restLeast, busy, unit, onback, ondone }: Props = $props();
	// What is typed stays, whatever is heard of the plan meanwhile: another sheet is another form.
	// svelte-ignore state_referenced_locally
	const lines = $state(
		offcuts.map(({ width, height }) => ({
			width: showLength(width, unit).text,
			height: showLength(height, unit).text,
			place: '',
			keep: !isStick || width >= restLeast
		}))
	);
	const unread = $derived(
		lines.some(({ width, height, keep }) => keep && (readSide(width, unit) === null || readSide(height, unit) === null))
	);

	function done() {
		ondone(
			lines.flatMap(({ width, height, place, keep }) =>
				keep ? [{ width: readSide(width, unit) ?? 0, height: readSide(height, unit) ?? 0, place: place.trim() }] : []
			)
		);
	}
</script>

<form
	onsubmit={(event) => {
		event.preventDefault();
		done();
	}}
>
	{#if lines.length > 0}
		<h2>Offcuts, measured</h2>
		{#each lines as one, index (index)}
			{@const planned = offcuts[index]}
			<fieldset>
				<legend
					>{isStick ? 'Rest' : 'Offcut'}
					{index + 1}, planned {planned ? (isStick ? showLength(planned.width, unit).text : showSize(planned, unit)) : ''}</legend
				>
				<label
					><span>{isStick ? 'length' : 'width'}</span>
					<input
						class="input figures"
						bind:value={one.width}
						aria-invalid={one.keep && readSide(one.width, unit) === null ? 'true' : undefined}
					/></label
				>
				{#if !isStick}<label
						><span>height</span>
						<input
							class="input figures"
							bind:value={one.height}
							aria-invalid={one.keep && readSide(one.height, unit) === null ? 'true' : undefined}
						/></label
					>{/if}
				<label class="place"><span>location</span> <input class="input" bind:value={one.place} /></label>
				<label class="flag"><input type="checkbox" class="checkbox" bind:checked={one.keep} /> save</label>
			</fieldset>
		{/each}
	{:else}<p>No offcut worth keeping.</p>{/if}
	{#if unread}<p class="unread">{UNREAD}</p>{/if}
	<div class="large-keys">
		<button type="button" class="btn preset-outlined-brand" onclick={onback}>Back</button>
		<button type="submit" class="btn preset-filled-brand" disabled={busy || unread}
			>{isStick ? 'Stick' : 'Sheet'} {number} is cut</button
		>
	</div>
</form>

<style>
	h2 {
		font-size: 17px;
	}
	fieldset {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 6px 12px;
		padding: 8px 0;
		border-bottom: 1px solid var(--line);
	}
	fieldset label span {
		display: block;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.input {
		width: 100%;
	}
	.flag {
		display: flex;
		align-items: center;
		gap: 8px;
		align-self: end;
		min-height: var(--control);
	}
	.unread {
		color: var(--stop);
	}
	@media print {
		form {
			display: none;
		}
	}
</style>
