<script lang="ts">
	/** A day, by the browser's own calendar; emptied, it is taken out. */
	import { drop, put, type Key } from '$core/job/patch.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';

	type Props = { label: string; keys: Key[]; value: string };
	const { label, keys, value }: Props = $props();
	const { editor } = useWorkspace();
	const id = $props.id();
</script>

<div class="day">
	<label for={id}>{label}</label>
	<input
		{id}
		type="date"
		class="field figures"
		{value}
		onchange={(event) =>
			editor.apply(
				event.currentTarget.value === '' ? drop(editor.file, keys) : put(editor.file, keys, event.currentTarget.value)
			)}
	/>
</div>

<style>
	.day {
		display: grid;
		grid-template-columns: 1fr 148px;
		align-items: center;
	}
</style>
