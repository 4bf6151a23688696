<script lang="ts">
	/** Grade and findings, each with what fixes it: one press, one undo step. */
	import { covers, SCOPE_OF } from '$core/job/scopes.ts';
	import { tick } from 'svelte';
	import { acceptCaution, formerAcceptance, reasonAtHand, takeBackAcceptance } from '$core/judge/accept.ts';
	import { RULES } from '$core/judge/rules.ts';
	import { whenOf } from '$core/rule/when.ts';
	import { showMoney } from '$core/units/show.ts';
	import type { Finding } from '$core/rule/rule.ts';
	import { GRADE_NAMES as NAMES, GRADES } from '$core/shop/grades.ts';
	import Sign from '$lib/ui/Sign.svelte';
	import { lowered, unbroken } from '$lib/ui/words.ts';
	import { useWorkspace } from './context.ts';
	import { takeStep } from './steps.ts';
	import { stationOf, type StationId } from './stations.ts';
	import { nth } from '$core/units/there.ts';

	type Props = { onopen: (id: StationId) => void };
	const { onopen }: Props = $props();
	const { editor, cheapest } = useWorkspace();
	const INITIALS = 'rare-keep:initials';

	const grade = $derived(editor.settled.plan.grade);
	const findings = $derived(editor.settled.plan.findings);
	const counts = $derived(
		(['stop', 'caution', 'note'] as const).map((severity) => ({
			severity,
			count: findings.filter((finding) => finding.severity === severity && !finding.accepted).length
		}))
	);
	const heldBy = $derived([...new Set(grade.heldBy.map(saidOf))]);
	/** What the finding says of this very plan; where it is found at another grade alone, when its rule fires. */
	function saidOf(rule: string): string {
		const known = RULES.find(({ id }) => id === rule);
		const when = () => known && whenOf(known, editor.shopIn(editor.settled.job.cutIn).house, editor.reader);
		return findings.find((finding) => finding.rule === rule)?.says ?? when() ?? rule;
	}
	const reachedAim = $derived(
		grade.known && grade.reached !== null && GRADES.indexOf(grade.reached) <= GRADES.indexOf(grade.aimed)
	);

	/** On a narrow screen grade and findings are a line that opens. */
	let isOpen = $state(false);
	const worst = $derived(counts.find(({ count }) => count > 0)?.severity);
	const reachedSaid = $derived(
		!SCOPE_OF[editor.settled.job.scope].window
			? SCOPE_OF[editor.settled.job.scope].name
			: !grade.known
				? `Target ${NAMES[grade.aimed]}`
				: grade.reached
					? `${NAMES[grade.reached]} reached`
					: 'No grade reached'
	);
	const countsSaid = $derived(
		counts
			.filter(({ count }) => count > 0)
			.map(({ severity, count }) => wordFor(severity, count))
			.join(', ') || 'no problems found so far'
	);

	function wordFor(severity: string, count: number): string {
		return `${count} ${severity}${count === 1 ? '' : 's'}`;
	}

	/** What would reach the aim, once it is found. */
	const set = $derived(reachedAim ? null : cheapest.set);
	/** The caution that is being accepted, by rule and place. */
	let accepting = $state<string | null>(null);
	let reason = $state('');
	let initials = $state('');
	const nameOf = (finding: Finding) => `${finding.rule} ${finding.where ?? ''}`;

	async function startAccepting(finding: Finding) {
		const former = formerAcceptance(editor.file, finding);
		accepting = nameOf(finding);
		reason = former?.reason ?? '';
		initials = former?.initials ?? localStorage.getItem(INITIALS) ?? '';
		await tick();
		list.querySelector<HTMLInputElement>('.accepting input')?.focus();
	}

	/** By one press, once it is known who works here. */
	async function acceptAsItCame(finding: Finding, why: string) {
		const who = localStorage.getItem(INITIALS);
		if (who) return takeStep(editor, `Accepted by ${who}: ${why}`, acceptCaution(editor.file, finding, why, who));
		await startAccepting(finding);
		reason = why;
	}

	async function accept(event: SubmitEvent, finding: Finding) {
		event.preventDefault();
		localStorage.setItem(INITIALS, initials.trim());
		editor.apply(acceptCaution(editor.file, finding, reason, initials));
		accepting = null;
		await tick();
		(buttons()[0] ?? list).focus({ preventScroll: true });
	}

	function sayCents(cents: number): string {
		if (cents === 0) return 'for the same price';
		const { currency } = editor.shopIn();
		return cents > 0 ? `for ${showMoney(cents, currency)} more` : `for ${showMoney(-cents, currency)} less`;
	}

	let list: HTMLElement;

	/** The pressed button goes with its finding: the focus moves on to the next fix, or to the list. */
	async function fix(finding: Finding, index: number, event: MouseEvent) {
		const place = buttons().indexOf(event.currentTarget as HTMLButtonElement);
		takeStep(editor, `Done: ${nth(finding.remedies, index).label}.`, nth(finding.remedies, index).patch);
		await tick();
		(buttons()[place] ?? buttons().at(-1) ?? list).focus({ preventScroll: true });
	}

	function buttons(): HTMLButtonElement[] {
		return [...list.querySelectorAll<HTMLButtonElement>('.fixes .btn')];
	}
</script>

<section class="outcome" class:isOpen aria-label="Grade and findings">
	<button type="button" class="opener" aria-expanded={isOpen} onclick={() => (isOpen = !isOpen)}>
		<Sign of={worst ?? 'settled'} size={14} />
		<span>{reachedSaid}</span>
		<span class="counts">{countsSaid}</span>
		<span class="chevron" aria-hidden="true">▴</span>
	</button>
	<div class="grade">
		<h2>
			Grade{#if editor.settled.job.scope !== 'whole'}<span class="quiet">, of what is done here</span>{/if}
		</h2>
		<ul>
			{#each GRADES as one (one)}
				{@const isReached = grade.known && one === grade.reached}
				<li class:aimed={one === grade.aimed} class:reached={isReached}>
					<span class="at"
						>{#if isReached}<Sign of={reachedAim ? 'settled' : 'caution'} size={13} />{:else if one === grade.aimed}<span
								aria-hidden="true">→</span
							>{/if}</span
					>
					<strong>{NAMES[one]}</strong>
					<span class="word"
						>{isReached ? (one === grade.aimed ? 'target reached' : 'reached') : one === grade.aimed ? 'target' : ''}</span
					>
				</li>
			{/each}
			{#if grade.known && grade.reached === null}<li>
					<span class="at"><Sign of="stop" size={13} /></span><strong>None</strong><span class="word">reached</span>
				</li>{/if}
		</ul>
		{#if !grade.known}<p class="held">
				{SCOPE_OF[editor.settled.job.scope].window
					? `Grade not known until the sheet is measured and layers${covers(editor.settled.job.scope, 'hold') ? ' and hold' : ''} are decided.`
					: 'The pack stays closed, so it is not graded.'}
			</p>
		{:else if set && 'changes' in set && set.changes.length > 0}<p class="held">
				{set.changes.length === 1 ? 'One change reaches' : `${set.changes.length} changes reach`}
				<strong>{NAMES[set.grade]}</strong>, {sayCents(set.cents)}:
			</p>
			<button
				type="button"
				class="btn preset-filled-brand"
				onclick={() =>
					takeStep(
						editor,
						`${set.changes.length === 1 ? 'One change is' : `${set.changes.length} changes are`} made.`,
						set.patch
					)}>{set.changes.length === 1 ? 'Apply' : set.changes.length === 2 ? 'Do both' : `Do all ${set.changes.length}`}</button
			>
			<ul class="changes">
				{#each set.changes as change, index (index)}<li>{change.label}</li>{/each}
			</ul>
			{#if !set.fits}<p class="held">It then needs a deeper rabbet.</p>{/if}
		{:else if set && 'barredBy' in set}<p class="held">
				Changing materials alone can’t reach {NAMES[set.grade]}: {lowered(saidOf(set.barredBy)).replace(/\.$/, '')}.
			</p>
		{:else if grade.heldBy.length > 0 && !reachedAim}<p class="held">
				Held below {NAMES[grade.reached === null ? 'show' : nth(GRADES, GRADES.indexOf(grade.reached) - 1)]}: {lowered(
					nth(heldBy, 0).replace(/\.$/, '')
				)}{heldBy.length > 1 ? `, and ${heldBy.length - 1} more` : ''}.
			</p>{/if}
		{#if !editor.settled.plan.fits}<p class="held"><Sign of="stop" size={11} /> It does not fit yet.</p>{/if}
	</div>
	<div class="findings" tabindex="-1" bind:this={list}>
		<h2 class="seen-by-readers">Findings: {counts.map(({ severity, count }) => wordFor(severity, count)).join(', ')}</h2>
		{#if findings.length === 0}
			<p class="none">No problems found so far.</p>
		{/if}
		{#if editor.refusal}<p class="none" role="alert"><Sign of="stop" /> Not possible: {editor.refusal}</p>{/if}
		{#each editor.settled.plan.open as open (open.station)}
			<p class="none"><span class="quiet">Still to do, {open.station}:</span> {open.needs}.</p>
		{/each}
		<ul>
			{#each findings as finding, index (`${finding.rule} ${finding.where} ${index}`)}
				{@const former = formerAcceptance(editor.file, finding)}
				{@const atHand = reasonAtHand(finding, editor.settled.job)}
				<li class:accepted={finding.accepted}>
					<Sign of={finding.accepted ? 'settled' : finding.severity} size={14} />
					<div class="text">
						<strong>{unbroken(finding.says)}</strong>
						<p>
							{unbroken(finding.why)}
							<a class="anchor" href="/handbook/findings#{finding.rule}" aria-label="Handbook, {finding.rule}">Handbook</a>
						</p>
						{#if finding.accepted}<p>
								Accepted by {finding.accepted.initials}: {finding.accepted.reason}
							</p>{:else if former && finding.severity === 'caution'}<p>
								{former.initials} accepted it earlier (“{former.reason}”); its facts have changed.
							</p>{/if}
					</div>
					<div class="fixes">
						{#each finding.remedies as remedy, at (at)}<button
								type="button"
								class="btn preset-outlined-brand"
								onclick={(event) => fix(finding, at, event)}>{remedy.label}</button
							>{/each}
						{#if finding.accepted}<button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="withdraw acceptance, {finding.says}"
								onclick={() => editor.apply(takeBackAcceptance(editor.file, finding))}>withdraw</button
							>{:else if finding.severity === 'caution' && accepting !== nameOf(finding)}{#if atHand}<button
									type="button"
									class="btn btn-sm preset-quiet"
									aria-label="accept: came like this: {finding.says}"
									onclick={() => acceptAsItCame(finding, atHand)}>accept: came like this</button
								>{/if}<button
								type="button"
								class="btn btn-sm preset-quiet"
								aria-label="accept with a reason: {finding.says}"
								onclick={() => startAccepting(finding)}>accept with a reason</button
							>{/if}
						{#if finding.remedies.length === 0}<button
								type="button"
								class="btn preset-outlined-brand"
								onclick={() => onopen(stationOf(finding).id)}>Open {stationOf(finding).name}</button
							>{/if}
					</div>
					{#if accepting === nameOf(finding)}
						<form class="accepting" onsubmit={(event) => accept(event, finding)}>
							<label>Reason <input class="input" required maxlength="400" autocomplete="off" bind:value={reason} /></label>
							<label class="initials"
								>Initials <input class="input" required maxlength="8" autocomplete="off" bind:value={initials} /></label
							>
							<button type="submit" class="btn preset-filled-brand" disabled={!reason.trim() || !initials.trim()}
								>Accept it</button
							>
							<button type="button" class="btn btn-sm preset-quiet" onclick={() => (accepting = null)}>cancel</button>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
	</div>
</section>

<style>
	.outcome {
		display: grid;
		grid-template-columns: 176px 1fr;
		background: var(--panel);
		border-top: 1px solid var(--line-strong);
		overflow: hidden;
		min-height: 0;
	}
	.opener {
		display: none;
	}
	@media (max-width: 1100px) {
		.opener {
			grid-column: 1 / -1;
			display: flex;
			align-items: center;
			gap: 8px;
			min-height: 44px;
			padding: 0 16px;
			text-align: left;
			font-weight: 600;
			cursor: pointer;
		}
		.opener:focus-visible {
			outline-offset: -2px;
		}
		.counts {
			font-weight: 400;
			color: var(--quiet);
		}
		.chevron {
			margin-left: auto;
			color: var(--quiet);
		}
		.isOpen .chevron {
			transform: rotate(180deg);
		}
		.outcome:not(.isOpen) > :not(.opener) {
			display: none;
		}
		.outcome.isOpen {
			max-height: 60dvh;
			grid-template-rows: auto minmax(0, 1fr);
		}
	}
	@media (max-width: 767px) {
		.outcome.isOpen {
			grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr);
			position: relative;
			overflow-y: auto;
		}
		.outcome .grade {
			border-right: 0;
			border-bottom: 1px solid var(--line);
		}
		.outcome .findings li {
			grid-template-columns: 22px minmax(0, 1fr);
		}
		.outcome .fixes {
			grid-column: 2;
			max-width: none;
		}
		.outcome .accepting {
			flex-wrap: wrap;
		}
	}
	h2 {
		font-family: inherit;
		font-size: var(--text-sm);
		color: var(--soft);
	}
	.grade {
		padding: 10px 16px;
		border-right: 1px solid var(--line);
		position: relative;
		overflow-y: auto;
	}
	.grade li {
		display: grid;
		grid-template-columns: 20px 48px 1fr;
		align-items: center;
		height: 25px;
		color: var(--soft);
	}
	.grade li.aimed,
	.grade li.reached {
		color: var(--ink);
	}
	.grade li strong {
		font-weight: 400;
	}
	.grade li.aimed strong,
	.grade li.reached strong {
		font-weight: 600;
	}
	.word,
	.held {
		font-size: var(--text-sm);
		color: var(--quiet);
	}
	.held {
		margin-top: 5px;
	}
	.held :global(svg) {
		display: inline;
	}
	.findings {
		position: relative;
		overflow-y: auto;
		padding: 4px 18px;
	}
	.findings li {
		display: grid;
		grid-template-columns: 26px 1fr auto;
		align-items: center;
		gap: 8px;
		padding: 7px 0;
		border-bottom: 1px solid var(--line);
	}
	.findings li:last-child {
		border-bottom: 0;
	}
	.text p {
		color: var(--soft);
		font-size: var(--text-sm);
	}
	.fixes {
		display: flex;
		flex-direction: column;
		gap: 4px;
		align-items: stretch;
		max-width: 260px;
	}
	.fixes .btn {
		text-align: left;
		min-height: var(--row);
		padding: 3px 10px;
		font-size: var(--text-sm);
		line-height: 1.2;
	}
	.accepted {
		color: var(--quiet);
	}
	.accepting {
		grid-column: 2 / -1;
		display: flex;
		align-items: end;
		gap: 8px;
	}
	.accepting label {
		flex: 1;
		font-size: var(--text-sm);
	}
	.accepting .initials {
		flex: 0 0 70px;
	}
	.changes {
		font-size: var(--text-sm);
		color: var(--quiet);
	}
	.grade .changes li {
		display: list-item;
		height: auto;
		margin-left: 14px;
		list-style: disc;
	}
	.none {
		padding: 9px 0;
		display: flex;
		align-items: center;
		gap: 8px;
	}
</style>
