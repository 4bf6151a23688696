/** The handbook's chapters, read into blocks that the page draws: no HTML is made from text. */
import { marked, type Token, type Tokens } from 'marked';
import { there } from '$core/units/there.ts';

export type Inline = { kind: 'text' | 'strong' | 'em' | 'code'; text: string };
export type Block =
	| { kind: 'heading'; level: number; id: string | null; text: string }
	| { kind: 'paragraph'; inlines: Inline[] }
	| { kind: 'list'; items: Inline[][] }
	| { kind: 'table'; head: string[]; rows: Inline[][][] }
	| { kind: 'case'; job: string; gives: [path: string, value: number][] };
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
			const { job, gives } = JSON.parse((token as Tokens.Code).text) as { job: object; gives: Record<string, number> };
			return [{ kind: 'case', job: JSON.stringify(job), gives: Object.entries(gives) }];
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
