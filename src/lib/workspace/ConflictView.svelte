<script lang="ts">
	/** Two people changed the same job: both versions, field by field, and the choice. */
	import { differences } from '$core/job/compare.ts';
	import { keysOf, patched, put, drop, valueAt } from '$core/job/patch.ts';
	import type { JobFile } from '$core/job/definition.ts';
	import type { Fault } from '$core/job/faults.ts';
	import { placeName } from './place-name.ts';
	import { useWorkspace } from './context.ts';
	import { there } from '$core/units/there.ts';

	const { editor } = useWorkspace();
	const conflict = $derived(there(editor.keeping.conflict, 'conflict'));
	const differs = $derived(differences(editor.file, conflict.theirs));
	/** What was chosen by hand: true for mine. */
	const mine = $state<Record<string, boolean>>({});
	let faults = $state<Fault[]>([]);

	function shown(file: JobFile, path: string): string {
		const value = valueAt(file, keysOf(path));
		if (value === undefined) return 'not set';
		return typeof value === 'object' ? JSON.stringify(value) : String(value);
	}

	/** A field that only they changed is theirs, unless the person says otherwise. */
	function isMine(path: string): boolean {
		const { base } = conflict;
		if (mine[path] !== undefined || base === null) return mine[path] ?? true;
		return JSON.stringify(valueAt(base, keysOf(path))) !== JSON.stringify(valueAt(editor.file, keysOf(path)));
	}

	function take() {
		let file = conflict.theirs;
		for (const path of differs) {
			if (!isMine(path)) continue;
			const value = valueAt(editor.file, keysOf(path));
			file = patched(file, value === undefined ? drop(file, keysOf(path)) : put(file, keysOf(path), value));
		}
		faults = editor.settle(file);
	}
</script>

<section aria-labelledby="conflict">
	<h2 id="conflict">Someone else has changed this job</h2>
	<p>Nothing is lost. For each field choose which version to keep; the others stay in the revisions.</p>
	<table class="table">
		<thead><tr><th scope="col">Field</th><th scope="col">Mine</th><th scope="col">Theirs, rev {conflict.rev}</th></tr></thead>
		<tbody>
			{#each differs as path (path)}
				<tr>
					<th scope="row">{placeName(path)}</th>
					<td
						><label
							><input type="radio" class="radio" name={path} checked={isMine(path)} onchange={() => (mine[path] = true)} />
							{shown(editor.file, path)}</label
						></td
					>
					<td
						><label
							><input type="radio" class="radio" name={path} checked={!isMine(path)} onchange={() => (mine[path] = false)} />
							{shown(conflict.theirs, path)}</label
						></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	{#each faults as fault, index (index)}<p class="fault" role="alert">
			These conflict: {fault.path}: {fault.says}
		</p>{/each}
	<button type="button" class="btn preset-filled-brand" onclick={take}>Save these choices</button>
</section>

<style>
	section {
		grid-row: 1 / -1;
		padding: 20px 26px;
		position: relative;
		overflow-y: auto;
	}
	h2 {
		font-size: 21px;
	}
	table {
		width: 100%;
		margin: 14px 0;
	}
	th,
	td {
		text-align: left;
		padding: 7px 10px 7px 0;
		border-bottom: 1px solid var(--line-strong);
		vertical-align: top;
	}
	label {
		display: flex;
		gap: 8px;
		cursor: pointer;
	}
	.fault {
		color: var(--stop);
		margin-bottom: 10px;
	}
</style>
