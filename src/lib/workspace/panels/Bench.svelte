<script lang="ts">
	import { planSteps } from '$core/views/bench/steps.ts';
	import { showMinutes } from '$core/units/show.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import { useWorkspace } from '../context.ts';
	import { unbroken } from '$lib/ui/words.ts';
	import Panel from './Panel.svelte';
	import Schools from './Schools.svelte';

	const { editor } = useWorkspace();
	const steps = $derived(planSteps(editor.settled.job, editor.settled.plan, editor.shopIn(editor.settled.job.cutIn)));
</script>

<Panel name="Bench" about="The steps for this job, in order.">
	{#if steps.length === 0}
		<p>Measure the sheet and choose a frame first.</p>
	{/if}
	{#if steps.length > 0}<p>
			<a class="btn preset-filled-brand" href="/jobs/{editor.number}/bench">At the bench, step by step</a>
		</p>{/if}
	<ol class="steps">
		{#each steps as step, index (step.id)}
			<li>
				<div class="words">
					<h2>{index + 1} {step.title}</h2>
					{#each step.does as line, at (at)}<p>{unbroken(line)}</p>{/each}
					{#if step.waitMinutes}<p class="quiet">Then let it dry {showMinutes(step.waitMinutes)}.</p>{/if}
					{#if step.because}<p class="quiet">{step.because}</p>{/if}
					{#if step.caution}<p class="caution"><strong>Take care.</strong> {step.caution}</p>{/if}
				</div>
				{#if step.pictures}<div class="pictures">
						{#each step.pictures as scene, at (at)}<div class="board">
								<Drawing {scene} reader={editor.reader} />
							</div>{/each}
					</div>{/if}
			</li>
		{/each}
	</ol>
	<Schools at="bench" />
</Panel>

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 68ch) minmax(0, 1fr);
		gap: 8px 32px;
		padding: 10px 0;
		border-top: 1px solid var(--line);
	}
	.words {
		font-size: 16px;
		line-height: 1.4;
	}
	.words h2 {
		font-family: var(--serif);
		font-size: 18px;
		color: var(--ink);
		border: 0;
	}
	.pictures {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
		gap: 8px 16px;
	}
	.board {
		height: 230px;
	}
	@media (max-width: 1100px) {
		li {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	.caution {
		border-left: 3px solid var(--caution);
		padding-left: 8px;
	}
</style>
