/** The handbook's chapters, read into blocks that the page draws: no HTML is made from text. */
import { marked, type Token, type Tokens } from 'marked';
import type { JobFile } from '$core/job/definition.ts';
import { lastOf, nth, there } from '$core/units/there.ts';
import { folded } from './facts.ts';

export type Inline = { kind: 'text' | 'strong' | 'em' | 'code'; text: string };
export type Block =
	| { kind: 'heading'; level: number; id: string | null; text: string }
	| { kind: 'paragraph'; inlines: Inline[] }
	| { kind: 'list'; items: Inline[][] }
	| { kind: 'table'; head: string[]; rows: Inline[][][] }
	| { kind: 'case'; changes: Partial<JobFile>; gives: string[] };
export type Chapter = { id: string; title: string; blocks: Block[] };

const sources = import.meta.glob<string>('/docs/handbook/*.md', { query: '?raw', import: 'default', eager: true });

const chapters: Chapter[] = Object.entries(sources)
	.sort(([one], [other]) => one.localeCompare(other))
	.map(([path, text]) => {
		const blocks = marked.lexer(text).flatMap(blockOf);
		const [title] = blocks;
		return { id: path.replace(/^.*\/\d+-|\.md$/g, ''), title: title?.kind === 'heading' ? title.text : '', blocks };
	});

export function chapterList(): { id: string; title: string }[] {
	return chapters.map(({ id, title }) => ({ id, title }));
}

export function chapterOf(id: string): Chapter | undefined {
	return chapters.find((chapter) => chapter.id === id);
}

export type Found = {
	chapter: string;
	title: string;
	/** Of its paragraph; null at the chapter's head. */ id: string | null;
	heading: string;
	text: string;
};

const MOST_FOUND = 60;

/** Paragraphs, with what stands under their headings, that have every word of what was looked for; chapter by chapter. */
export function findInHandbook(looked: string): Found[] {
	const words = folded(looked).split(/\s+/).filter(Boolean);
	if (words.length === 0) return [];
	const found = paragraphs.filter(({ heading, text }) => {
		const whole = folded(`${heading} ${text}`);
		return words.every((word) => whole.includes(word));
	});
	return found.slice(0, MOST_FOUND).map((one) => ({ ...one, text: fromSentence(one.text, nth(words, 0)) }));
}

/** From the sentence on in which a word first stands. */
function fromSentence(text: string, word: string): string {
	const at = folded(text).indexOf(word);
	const begin = at < 0 ? 0 : text.lastIndexOf('. ', at) + 1;
	return text.slice(begin).trim();
}

function said(inlines: readonly Inline[]): string {
	return inlines.map(({ text }) => text).join('');
}

function textOf(block: Block): string {
	switch (block.kind) {
		case 'heading':
			return block.text;
		case 'paragraph':
			return said(block.inlines);
		case 'list':
			return block.items.map(said).join(' ');
		case 'table':
			return block.rows.map((row) => row.map(said).join(' ')).join(' ');
		case 'case':
			return '';
	}
}

const paragraphs = chapters.flatMap(({ id: chapter, title, blocks }) => {
	const all: Found[] = [];
	for (const block of blocks) {
		if (block.kind === 'heading') all.push({ chapter, title, id: block.id, heading: block.text, text: '' });
		else {
			const under = lastOf(all);
			under.text = `${under.text} ${textOf(block)}`.trim();
		}
	}
	return all;
});

/** Every chapter and paragraph by its heading. */
export function headings(): Found[] {
	return paragraphs;
}

function blockOf(token: Token): Block[] {
	switch (token.type) {
		case 'heading': {
			const [, text, id] = there(/^(.*?)(?:\s*\{#([^}]+)\})?$/.exec((token as Tokens.Heading).text), 'exec');
			return [{ kind: 'heading', level: (token as Tokens.Heading).depth, id: id ?? null, text: there(text, 'text') }];
		}
		case 'paragraph':
			return [{ kind: 'paragraph', inlines: inlinesOf(token.tokens ?? []) }];
		case 'list':
			return [{ kind: 'list', items: (token as Tokens.List).items.map((item) => inlinesOf(item.tokens)) }];
		case 'table': {
			const table = token as Tokens.Table;
			return [
				{
					kind: 'table',
					head: table.header.map((cell) => cell.text),
					rows: table.rows.map((row) => row.map((cell) => inlinesOf(cell.tokens)))
				}
			];
		}
		case 'code': {
			const { job, gives } = JSON.parse((token as Tokens.Code).text) as { job: Partial<JobFile>; gives: Record<string, number> };
			return [{ kind: 'case', changes: job, gives: Object.keys(gives) }];
		}
		default:
			return [];
	}
}

function inlinesOf(tokens: Token[]): Inline[] {
	return tokens.flatMap((token): Inline[] => {
		if (token.type === 'strong' || token.type === 'em') return [{ kind: token.type, text: plain(token as Tokens.Strong) }];
		if (token.type === 'codespan') return [{ kind: 'code', text: (token as Tokens.Codespan).text }];
		if ('tokens' in token && token.tokens) return inlinesOf(token.tokens);
		return 'text' in token ? [{ kind: 'text', text: String(token.text) }] : [];
	});
}

function plain(token: { tokens?: Token[]; text: string }): string {
	return token.tokens?.map((one) => ('text' in one ? String(one.text) : '')).join('') ?? token.text;
}
