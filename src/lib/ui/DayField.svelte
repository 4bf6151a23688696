<script lang="ts">
	/** A day, typed or picked from a calendar; emptied, it is taken out. */
	import Calendar from '@lucide/svelte/icons/calendar';
	import Left from '@lucide/svelte/icons/chevron-left';
	import Right from '@lucide/svelte/icons/chevron-right';
	import { DatePicker, parseDate, Portal } from '@skeletonlabs/skeleton-svelte';
	import { drop, put, type Key } from '$core/job/patch.ts';
	import { useWorkspace } from '$lib/workspace/context.ts';
	import { page } from '$app/state';
	import type { DateLanguage } from '$core/shop/about.ts';
	import { readDay, showDay } from './days.ts';
	import { walkOn } from './keys.ts';

	type Props = { label: string; keys: Key[]; value: string };
	const { label, keys, value }: Props = $props();
	const { editor } = useWorkspace();
	const id = $props.id();
	const language = $derived(page.data.dates as DateLanguage);
	/** What was typed and is no day yet. */
	let draft = $state<string | null>(null);
	let isOpen = $state(false);
	// A job made anew with the same day is no change for the control.
	const day = $derived(value);
	const values = $derived(day === '' ? [] : [parseDate(day)]);

	function take(next: string | undefined) {
		draft = null;
		if ((next ?? '') === value) return;
		editor.apply(next === undefined ? drop(editor.file, keys) : put(editor.file, keys, next));
	}

	/** What is no day stays as it was typed, with what to write, beside the day that holds. */
	function read(text: string) {
		const next = readDay(text, editor.unit, new Date(), language);
		if (text.trim() === '') take(undefined);
		else if (next !== null) take(next);
		else draft = text;
	}
</script>

<DatePicker
	value={values}
	onValueChange={({ value: picked }) => take(picked[0]?.toString())}
	onOpenChange={({ open }) => (isOpen = open)}
	locale={language}
	startOfWeek={editor.unit === 'mm' ? 1 : 0}
	positioning={{ placement: 'bottom-end', gutter: 2, strategy: 'fixed' }}
>
	<div class="day">
		<label for={id}>{label}</label>
		<DatePicker.Control>
			<!-- The library's own input takes figures alone, and today for what it cannot read. -->
			<input
				{id}
				class="input figures"
				autocomplete="off"
				value={draft ?? (day === '' ? '' : showDay(day, language))}
				aria-invalid={draft === null ? undefined : 'true'}
				aria-describedby={draft === null ? undefined : `${id}-says`}
				onchange={(event) => read(event.currentTarget.value)}
				onkeydown={(event) => {
					if (event.key === 'Escape') event.currentTarget.value = draft ?? (day === '' ? '' : showDay(day, language));
					if (event.key === 'Enter') walkOn(event.currentTarget);
				}}
			/>
			<DatePicker.Trigger aria-label="Calendar: {label}"><Calendar size={15} aria-hidden="true" /></DatePicker.Trigger>
		</DatePicker.Control>
		{#if draft !== null}<p id="{id}-says" class="says" role="status">
				“{draft.trim()}” is not a date. Enter it as {showDay('2026-12-03', language)}.
			</p>{/if}
	</div>
	{#if isOpen}
		<Portal>
			<DatePicker.Positioner>
				<DatePicker.Content>
					<DatePicker.View view="day">
						<DatePicker.Context>
							{#snippet children(picker)}
								<DatePicker.ViewControl>
									<DatePicker.PrevTrigger aria-label="Previous month"
										><Left size={16} aria-hidden="true" /></DatePicker.PrevTrigger
									>
									<strong><DatePicker.RangeText /></strong>
									<DatePicker.NextTrigger aria-label="Next month"><Right size={16} aria-hidden="true" /></DatePicker.NextTrigger>
								</DatePicker.ViewControl>
								<DatePicker.Table>
									<DatePicker.TableHead>
										<DatePicker.TableRow>
											{#each picker().weekDays as weekDay (weekDay.long)}<DatePicker.TableHeader abbr={weekDay.long}
													>{weekDay.short}</DatePicker.TableHeader
												>{/each}
										</DatePicker.TableRow>
									</DatePicker.TableHead>
									<DatePicker.TableBody>
										{#each picker().weeks as week (week[0]?.toString())}
											<DatePicker.TableRow>
												{#each week as day (day.toString())}<DatePicker.TableCell value={day}
														><DatePicker.TableCellTrigger>{day.day}</DatePicker.TableCellTrigger></DatePicker.TableCell
													>{/each}
											</DatePicker.TableRow>
										{/each}
									</DatePicker.TableBody>
								</DatePicker.Table>
							{/snippet}
						</DatePicker.Context>
					</DatePicker.View>
				</DatePicker.Content>
			</DatePicker.Positioner>
		</Portal>
	{/if}
</DatePicker>

<style>
	.day {
		display: grid;
		grid-template-columns: 1fr 148px;
		align-items: center;
	}
	.says {
		grid-column: 1 / -1;
		color: var(--stop);
		font-size: var(--text-sm);
	}
</style>
