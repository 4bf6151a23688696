<script lang="ts">
	/** The program's own handbook: every figure's reason and every finding leads to a paragraph here. */
	import type { PageProps } from './$types';
	import { nameOf } from '$core/views/why/names.ts';
	import Bar from '$lib/ui/Bar.svelte';
	import type { Inline } from '$lib/server/handbook.ts';

	const { data }: PageProps = $props();
</script>

<svelte:head><title>{data.chapter.title} · Handbook · Rare Keep</title></svelte:head>

{#snippet words(inlines: Inline[])}{#each inlines as inline, index (index)}{#if inline.kind === 'strong'}<strong
				>{inline.text}</strong
			>{:else if inline.kind === 'em'}<em>{inline.text}</em>{:else if inline.kind === 'code'}<span class="exact"
				>{inline.text}</span
			>{:else}{inline.text}{/if}{/each}{/snippet}

<div class="handbook">
	<Bar here="Handbook" />
	<nav aria-label="Chapters">
		<ol>
			{#each data.chapters as chapter (chapter.id)}<li>
					<a href="/handbook/{chapter.id}" aria-current={chapter.id === data.chapter.id ? 'page' : undefined}>{chapter.title}</a>
				</li>{/each}
		</ol>
	</nav>
	<!-- The text is scrolled with the keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<main id="main" tabindex="0">
		<article>
			{#each data.chapter.blocks as block, index (index)}
				{#if block.kind === 'heading'}
					{#if block.level === 1}<h1>{block.text}</h1>{:else}<h2 id={block.id}>{block.text}</h2>{/if}
				{:else if block.kind === 'paragraph'}
					<p>{@render words(block.inlines)}</p>
				{:else if block.kind === 'list'}
					<ul>
						{#each block.items as item, at (at)}<li>{@render words(item)}</li>{/each}
					</ul>
				{:else if block.kind === 'table'}
					<table class="table">
						<thead
							><tr
								>{#each block.head as cell (cell)}<th scope="col">{cell}</th>{/each}</tr
							></thead
						>
						<tbody
							>{#each block.rows as row, at (at)}<tr
									>{#each row as cell, column (column)}<td>{@render words(cell)}</td>{/each}</tr
								>{/each}</tbody
						>
					</table>
				{:else}
					<div class="worked">
						<h3>Worked case</h3>
						<p class="quiet">
							{block.job === '{}'
								? 'A sheet of 402 × 551, two mats, weighted border of 70 and 10, face 22, lip 6, allowance 3.'
								: `The same sheet and frame, but ${block.job
										.replace(/[{}"[\]]/g, ' ')
										.replace(/\s+/g, ' ')
										.replace(/ ,/g, ',')
										.replace(/ :/g, ':')
										.trim()}.`}
						</p>
						<dl class="figures">
							{#each block.gives as [path, value] (path)}<dt>{nameOf(path)}</dt>
								<dd>{String(value).replace('-', '−')}</dd>{/each}
						</dl>
					</div>
				{/if}
			{/each}
		</article>
	</main>
</div>

<style>
	.handbook {
		display: grid;
		grid-template: 46px minmax(0, 1fr) / 196px minmax(0, 1fr);
		height: 100dvh;
	}
	.handbook > :global(.bar) {
		grid-column: 1 / -1;
	}
	nav {
		background: var(--strip);
		overflow-y: auto;
		padding-top: 8px;
	}
	nav a {
		display: block;
		padding: 7px 16px;
		border-left: 4px solid transparent;
	}
	nav a:hover {
		background: var(--strip-hover);
	}
	nav a[aria-current] {
		background: var(--panel);
		border-left-color: var(--chosen);
		font-weight: 600;
	}
	main {
		background: var(--panel);
		overflow-y: auto;
		scroll-padding-top: 16px;
	}
	main:focus-visible {
		outline: 2px solid var(--accent);
		outline-offset: -2px;
	}
	article {
		max-width: 680px;
		padding: 22px 40px 80px;
		font-size: 16px;
		line-height: 1.5;
		display: grid;
		gap: 10px;
	}
	h1 {
		font-size: 28px;
	}
	h2 {
		font-size: 20px;
		margin-top: 16px;
	}
	h2:target {
		background: var(--accent-mark);
		box-shadow:
			-10px 0 0 var(--accent-mark),
			-14px 0 0 var(--accent);
	}
	ul {
		list-style: disc;
		padding-left: 20px;
	}
	.exact {
		font-weight: 600;
	}
	table {
		font-size: 15px;
	}
	th,
	td {
		text-align: left;
		padding: 4px 12px 4px 0;
		border-bottom: 1px solid var(--line);
	}
	.worked {
		border: 1px solid var(--line);
		background: var(--sheet);
		padding: 8px 16px 10px;
		font-size: 15px;
	}
	h3 {
		font-size: 15px;
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
	}
	dd {
		text-align: right;
		font-weight: 600;
	}
</style>
