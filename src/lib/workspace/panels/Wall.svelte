<script lang="ts">
	import { ringsFor } from '$core/stations/hang/hang.ts';
	import { flatWood } from '$core/stations/hang/places.ts';
	import { drop, put, type Operation } from '$core/job/patch.ts';
	import { HANGER_KINDS } from '$core/job/kinds.ts';
	import { showStrength } from '$core/units/show.ts';
	import { SCOPE_OF } from '$core/job/scopes.ts';
	import Choice from '$lib/ui/Choice.svelte';
	import Flag from '$lib/ui/Flag.svelte';
	import LengthField from '$lib/ui/LengthField.svelte';
	import Combo from '$lib/ui/Combo.svelte';
	import Pick from '$lib/ui/Pick.svelte';
	import MassField from '$lib/ui/MassField.svelte';
	import { useWorkspace } from '../context.ts';
	import HouseChoices from './HouseChoices.svelte';
	import OnFrame from './OnFrame.svelte';
	import OnWall from './OnWall.svelte';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';
	import Settles from './Settles.svelte';
	import { HANGERS, standsOnSides } from '$core/stations/hang/kinds/all.ts';

	const { editor } = useWorkspace();
	const hang = $derived(editor.settled.plan.hang);
	const frame = $derived(editor.settled.plan.frame);
	const shop = $derived(editor.shopIn(editor.settled.job.cutIn));
	const hooks = $derived(String(editor.file.hang?.hooks ?? 'width'));
	/** What hangs by its back needs the back that came with the frame. */
	const BY = $derived([
		{ value: 'house', label: 'By weight' },
		...HANGER_KINDS.filter((kind) => kind !== 'tag' || editor.job.kept.back || editor.file.hang?.by === 'tag').map((value) => ({
			value,
			label: HANGERS[value].title
		}))
	]);
	const STAYS = 'stays';
	/** What came with the frame is chosen where the frame is. */
	const stays = $derived(editor.job.kept.hangers);
	const byOptions = $derived(stays ? [{ value: STAYS, label: 'Existing hangers' }, ...BY] : BY);
	const by = $derived(stays ? STAYS : (BY.find(({ value }) => value === editor.file.hang?.by)?.value ?? 'house'));
	const kind = $derived(hang ? HANGERS[hang.by] : null);
	const single = $derived(kind?.single ?? null);
	const onSides = $derived(kind !== null && standsOnSides(kind));
	const drops = $derived(kind?.own ? kind.own.drops !== null && hang?.by !== 'security' : true);
	const HOOKS = [
		{ value: 'width', label: 'By width' },
		{ value: '1', label: 'One' },
		{ value: '2', label: 'Two' }
	];
	const wood = $derived(frame ? flatWood(editor.settled.job, frame, shop.house) : null);
	/** A plate wider than the wood is not offered; what was chosen before stays to be seen. */
	const rings = $derived.by(() => {
		const fitting = hang && wood !== null ? ringsFor(shop, wood, hang) : [];
		const chosen = editor.settled.job.hang.ring;
		return chosen && !fitting.some(({ id }) => id === chosen.id) ? [chosen, ...fitting] : fitting;
	});

	function setBy(value: string) {
		if (value === STAYS) return;
		const free = drop(editor.file, ['frame', 'kept', 'hangers']);
		editor.apply(value === 'house' ? [...free, ...drop(editor.file, ['hang', 'by'])] : put(editor.file, ['hang', 'by'], value));
	}
	/** A length takes the place of a share, and the other way round. */
	const asLength = (length: number | string): Operation[] => [
		...drop(editor.file, ['hang', 'dropShare']),
		...put(editor.file, ['hang', 'drop'], length)
	];
</script>

<Panel name="Wall" about="Rings, wire, hooks, and where the nails go.">
	<div class="group">
		<Pick label="Hangs from" value={by} options={byOptions} onchange={setBy} />
		{#if onSides || !hang}
			<span class="quiet">Hooks in the wall</span>
			<Choice
				label="Hooks in the wall"
				value={hooks}
				options={HOOKS}
				onchange={(value) =>
					value === 'width' ? editor.apply(drop(editor.file, ['hang', 'hooks'])) : editor.put(['hang', 'hooks'], Number(value))}
				compact
			/>
		{/if}
		{#if drops}<LengthField
				label={`${kind?.own?.title ?? single?.title ?? 'Rings'} down from the top by`}
				keys={['hang', 'drop']}
				value={editor.job.hang.drop ?? hang?.drop ?? null}
				optional
				write={asLength}
			/>{/if}
		{#if wood !== null && hang && onSides && !stays}
			<Combo
				label="Rings"
				value={editor.settled.job.hang.ring?.id ?? ''}
				options={[
					{ value: '', label: 'by wood and weight' },
					...rings
						.filter(({ withdrawn, id }) => !withdrawn || id === editor.settled.job.hang.ring?.id)
						.map((ring) => ({
							value: ring.id,
							label: ring.name,
							figure: `to ${showStrength(ring.workingKg, editor.reader)}`
						}))
				]}
				onchange={(value) =>
					value === '' ? editor.apply(drop(editor.file, ['hang', 'ring'])) : editor.put(['hang', 'ring'], value)}
			/>
			<Flag label="On a cross strip" value={editor.job.hang.strip} onchange={(on) => editor.put(['hang', 'strip'], on)} />
		{/if}
		{#if kind?.turns}<Flag
				label="Also hangs turned 90°"
				value={editor.job.hang.turns}
				onchange={(on) => editor.put(['hang', 'turns'], on)}
			/>{/if}
		{#if hang?.by !== 'stand'}
			<Flag label="Also stands on a table" value={editor.job.hang.stands} onchange={(on) => editor.put(['hang', 'stands'], on)} />
			<LengthField label="Centre above the floor" keys={['hang', 'centreHeight']} value={editor.job.hang.centreHeight} />
		{/if}
		{#if hang}<MassField label="Weight on a scale" keys={['hang', 'weighed']} value={editor.job.hang.weighed} optional />{/if}
	</div>
	{#if hang}
		<OnFrame {hang} />
		<OnWall {hang} />
	{:else}
		<p>
			{SCOPE_OF[editor.job.scope].window
				? 'Choose a frame first: its size and weight decide.'
				: 'Needs profile, outer size and weight, from Frame.'}
		</p>
	{/if}
	<Settles />
	<Schools at="wall" />
	<HouseChoices at="wall" />
</Panel>
