<script lang="ts">
	/** The program's own handbook: every figure's reason and every finding leads to a paragraph here. */
	import type { PageProps } from './$types';
	import { goto } from '$app/navigation';
	import { builtInShop } from '$core/shop/shop.ts';
	import { chapterDrawing } from '$core/views/drawing/of-chapter.ts';
	import Drawing from '$lib/drawing/Drawing.svelte';
	import Worked from '$lib/handbook/Worked.svelte';
	import Bar from '$lib/ui/Bar.svelte';
	import type { Inline } from '$lib/server/handbook.ts';

	const { data }: PageProps = $props();
	const drawing = $derived(chapterDrawing(data.chapter.id, builtInShop, data.reads ?? undefined));
	/** So much of a found paragraph is shown. */
	const SHOWN = 180;
	const short = (text: string) => (text.length > SHOWN ? `${text.slice(0, text.lastIndexOf(' ', SHOWN))} …` : text);

	function look(text: string) {
		const query = text.trim() === '' ? '' : `?find=${encodeURIComponent(text)}`;
		void goto(`/handbook/${data.chapter.id}${query}`, { replaceState: true, keepFocus: true, noScroll: true });
	}
</script>

<svelte:head><title>{data.chapter.title} · Handbook · Rare Keep</title></svelte:head>

{#snippet words(inlines: Inline[])}{#each inlines as inline, index (index)}{#if inline.kind === 'strong'}<strong
				>{inline.text}</strong
			>{:else if inline.kind === 'em'}<em>{inline.text}</em>{:else if inline.kind === 'code'}<span class="exact"
				>{inline.text}</span
			>{:else}{inline.text}{/if}{/each}{/snippet}

<div class="handbook fixed-panes">
	<Bar here="Handbook" />
	<nav aria-label="Chapters">
		<form role="search" action="/handbook/{data.chapter.id}">
			<label
				>Find in the handbook
				<input
					class="input"
					type="search"
					name="find"
					autocomplete="off"
					value={data.find}
					oninput={(event) => look(event.currentTarget.value)}
				/></label
			>
		</form>
		<ol>
			{#each data.chapters as chapter (chapter.id)}<li>
					<a href="/handbook/{chapter.id}" aria-current={chapter.id === data.chapter.id ? 'page' : undefined}>{chapter.title}</a>
				</li>{/each}
		</ol>
	</nav>
	<!-- The text is scrolled with the keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<main id="main" tabindex="0">
		{#if data.find !== ''}
			<article class="found">
				<h1>“{data.find}”</h1>
				<p class="quiet" role="status">
					{data.found.length === 0
						? 'No paragraph has it. Try one word of it.'
						: `${data.found.length === 1 ? 'One paragraph' : `${data.found.length} paragraphs`} with it.`}
				</p>
				<ol>
					{#each data.found as one, index (index)}
						<li>
							<a class="anchor" href="/handbook/{one.chapter}{one.id ? `#${one.id}` : ''}"
								>{one.title}{one.heading === one.title ? '' : ` · ${one.heading}`}</a
							>
							<p>{short(one.text)}</p>
						</li>
					{/each}
				</ol>
			</article>
		{:else}
			<article>
				{#each data.chapter.blocks as block, index (index)}
					{#if block.kind === 'heading'}
						{#if block.level === 1}<h1>{block.text}</h1>
							{#if drawing}<figure>
									<div class="drawn"><Drawing scene={drawing.scene} reader={drawing.reader} most={2} /></div>
									<p class="shows">{drawing.shows}</p>
								</figure>{/if}
						{:else}<h2 id={block.id}>{block.text}</h2>{/if}
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
						<Worked changes={block.changes} gives={block.gives} />
					{/if}
				{/each}
			</article>
		{/if}
	</main>
</div>

<style>
	.handbook {
		display: grid;
		grid-template: 46px minmax(0, 1fr) / 196px minmax(0, 1fr);
	}
	.handbook > :global(.bar) {
		grid-column: 1 / -1;
	}
	nav {
		background: var(--strip);
		position: relative;
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
		position: relative;
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
		grid-template-columns: minmax(0, 1fr);
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
	form {
		padding: 4px 14px 10px;
	}
	figure {
		margin: 0 0 6px;
	}
	.drawn {
		height: 300px;
	}
	.shows {
		padding-top: 6px;
		font-size: 15px;
		color: var(--quiet);
	}
	.found ol {
		display: grid;
		gap: 10px;
	}
	.found p {
		font-size: 15px;
		color: var(--soft);
	}
	/* In the hand the chapters are a row above the text. */
	@media (max-width: 767px) {
		.handbook {
			grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr);
		}
		nav {
			overflow: hidden;
		}
		nav ol {
			display: flex;
			overflow-x: auto;
		}
		nav a {
			padding: 10px 16px;
			border-left: 0;
			border-bottom: 4px solid transparent;
			white-space: nowrap;
		}
		nav a[aria-current] {
			border-bottom-color: var(--chosen);
		}
		article {
			padding: 18px 18px 60px;
		}
	}
</style>
