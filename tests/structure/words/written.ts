/** Every text in the sources that somebody may read: on a screen, on paper, at the bench, in a fault, at the command line, in the handbook. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { there } from '../../../core/units/there.ts';

export type Text = { file: string; line: number; text: string };

/** `docs/architecture.md` and comments speak of the code by its own names. */
const FOLDERS = ['core', 'src', 'cli', 'demo', 'docs/handbook'];
const FILES = [
	'README.md',
	'docs/job-file.md',
	'scripts/demo.js',
	'scripts/start.js',
	'scripts/serve.js',
	'scripts/setup.js',
	'scripts/generated-pages.ts'
];

/** What stands in the program's own files, tests left out; a value that is put in is “{}”. */
export function writtenTexts(): Text[] {
	const texts: Text[] = [];
	const walk = (path: string) => {
		if (statSync(path).isDirectory()) for (const name of readdirSync(path)) walk(join(path, name));
		else texts.push(...textsOf(path));
	};
	for (const folder of FOLDERS) walk(folder);
	for (const file of FILES) texts.push(...textsOf(file));
	return texts;
}

function textsOf(file: string): Text[] {
	if (file.endsWith('.test.ts') || file.endsWith('.d.ts')) return [];
	if (/\.(ts|js)$/.test(file)) return inScript(file, readFileSync(file, 'utf8'), 0);
	if (file.endsWith('.svelte')) return inComponent(file, readFileSync(file, 'utf8'));
	if (file.endsWith('.md')) return inPage(file, readFileSync(file, 'utf8'));
	if (/^demo\/.*\.json$/.test(file)) return inData(file, readFileSync(file, 'utf8'));
	return [];
}

/** Properties whose value is read even where it is one small word. */
const SAID =
	/^(name|title|label|says|why|fixes|because|does|one|many|about|choice|paper|instead|caution|text|word|short|noun|verb|what|when|summary|empty|needs|unit)$/;

/** Properties that name something for the program alone. */
const UNREAD =
	/^(class|classes|style|id|path|href|type|kind|role|key|keys|material|sql|d|points|transform|event|channel|file|field|fill|stroke|code|level|method|encoding|format|from|to|severity|station|of|at|icon|sign|parts|hub)$/;

function inScript(file: string, code: string, before: number): Text[] {
	const source = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true);
	const texts: Text[] = [];
	const visit = (node: ts.Node) => {
		if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
		const text =
			ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
				? node.text
				: ts.isTemplateExpression(node)
					? joined(node)
					: null;
		if (text !== null && isRead(node, text))
			texts.push({ file, line: before + source.getLineAndCharacterOfPosition(node.getStart()).line + 1, text: flat(text) });
		node.forEachChild(visit);
	};
	visit(source);
	return texts;
}

function joined(node: ts.TemplateExpression): string {
	return node.head.text + node.templateSpans.map(({ literal }) => `{}${literal.text}`).join('');
}

const flat = (text: string): string =>
	text
		.replace(/`[^`]*`/g, '{}')
		.replace(/\s+/g, ' ')
		.trim();

const SQL =
	/^\s*(select|insert|update|delete|create|drop|alter|with|listen|notify|unlisten|begin|commit|truncate|lock|set)\s+[a-z_"*(]/i;

function isRead(node: ts.Node, text: string): boolean {
	if (!/[A-Za-z]{2}/.test(text) || isForProgram(node)) return false;
	const property = ts.isPropertyAssignment(node.parent) && node.parent.initializer === node ? node.parent.name.getText() : '';
	if (UNREAD.test(property)) return false;
	if (/^src\/lib\/server\/db\//.test(node.getSourceFile().fileName) && /[<>=]|[A-Z]{3}|::|\{\} \w/.test(text)) return false;
	if (SQL.test(text) && /[a-z]_|\bfrom\b|\btable\b|\binto\b|\$\d|\bchannel\b/.test(text)) return false;
	if (text.startsWith('<!--') || /^[\w.-]+\/[\w./${}-]*$|^[.#/$@-]|^https?:|^[a-z]+-[a-z-]+$/.test(text)) return false;
	if (/[A-Za-z’,.:;)}] +[A-Za-z{(“]/.test(text) || /[a-z]{2}( ?…|[.:!?])$/.test(text)) return true;
	if (/^[A-Z][a-z’]+(-[a-z]+)*$/.test(text)) return true;
	return SAID.test(property) || isInTemplate(node);
}

/** Compared, looked up, imported or measured: no reader sees it. */
function isForProgram(node: ts.Node): boolean {
	let { parent } = node;
	let of = node;
	// A choice or a list of names is for the program where it is taken.
	while (ts.isConditionalExpression(parent) || ts.isParenthesizedExpression(parent) || ts.isArrayLiteralExpression(parent)) {
		of = parent;
		({ parent } = parent);
	}
	if (ts.isElementAccessExpression(parent) || ts.isCaseClause(parent) || ts.isImportTypeNode(parent)) return true;
	if (ts.isPropertyAccessExpression(parent) && of === node) return true;
	if (ts.isPropertyAssignment(parent)) return parent.name === node || UNREAD.test(parent.name.getText());
	if (ts.isBinaryExpression(parent) && /^(===|!==|==|!=|in)$/.test(parent.operatorToken.getText())) return true;
	if (ts.isCallExpression(parent)) return FOR_PROGRAM.test(parent.expression.getText());
	return ts.isTaggedTemplateExpression(parent);
}

/** Calls that are given names, not words. */
const FOR_PROGRAM =
	/(^|\.)(includes|has|get|getAttribute|setAttribute|querySelector|querySelectorAll|startsWith|endsWith|split|join|import|require|there|known|addEventListener|dispatchEvent|header|set|append|replace|replaceAll|localeCompare|keys|key|pattern|valid|on|off|ofWood|parts|house)$/;

/** A small word that is chosen within a longer text. */
function isInTemplate(node: ts.Node): boolean {
	for (let up = node.parent; up; up = up.parent) {
		if (ts.isTemplateSpan(up)) return true;
		if (!ts.isConditionalExpression(up) && !ts.isParenthesizedExpression(up)) return false;
	}
	return false;
}

/** Attributes whose text nobody reads. */
const MUTE =
	/^(class|style|id|href|for|role|type|name|d|viewBox|transform|slot|src|rel|method|action|autocomplete|inputmode|keys|path|part|of|at|fill|stroke|.*-anchor|xmlns|target|data-.*|aria-(live|controls|labelledby|describedby|current|hidden|haspopup|orient.*|auto.*)|lang|charset|content|tabindex|scope|media|accept|enterkeyhint|points|figure|kind|sign|variant)$/;

type Loose = { type: string; start: number; end: number; [key: string]: unknown };

function inComponent(file: string, source: string): Text[] {
	const root = parse(source, { modern: true });
	const lineAt = (at: number) => source.slice(0, at).split('\n').length;
	const texts: Text[] = [];
	const script = (part: Loose | null) => {
		if (!part) return;
		const from = source.indexOf('>', part.start) + 1;
		const to = source.lastIndexOf('</script', part.end);
		texts.push(...inScript(file, source.slice(from, to), lineAt(from) - 1));
	};
	script(root.module as Loose | null);
	script(root.instance as Loose | null);
	const expression = (node: Loose) =>
		texts.push(...inScript(file, `(${source.slice(node.start, node.end)})`, lineAt(node.start) - 1));
	const run = (nodes: Loose[]) => {
		const text = flat(nodes.map((node) => (node.type === 'Text' ? String(node.data) : '{}')).join(''));
		if (/[A-Za-z]{2}/.test(text)) texts.push({ file, line: lineAt(nodes[0]!.start), text });
	};
	const visit = (node: Loose, isPart = false) => {
		if (node.type === 'Fragment') {
			let here: Loose[] = [];
			const end = () => {
				if (here.length > 0) run(here);
				here = [];
			};
			for (const child of node.nodes as Loose[]) {
				if (child.type === 'Text' || child.type === 'ExpressionTag') here.push(child);
				else if (!isInline(child)) end();
				if (child.type !== 'Text') visit(child);
			}
			end();
			return;
		}
		if (node.type === 'Attribute') {
			// The name of a part is heard; that of a field is for its form.
			if ((MUTE.test(String(node.name)) && !(isPart && node.name === 'name')) || node.value === true) return;
			const value = (Array.isArray(node.value) ? node.value : [node.value]) as Loose[];
			if (value.some(({ type }) => type === 'Text')) run(value);
			for (const one of value) if (one.type !== 'Text') visit(one);
			return;
		}
		if (node.type === 'ExpressionTag' || node.type === 'HtmlTag' || node.type === 'RenderTag')
			return void expression(node.expression as Loose);
		for (const [key, value] of Object.entries(node)) {
			if (key === 'metadata' || key === 'parent' || value === null || typeof value !== 'object') continue;
			if (node.type === 'ConstTag' && key === 'declaration')
				expression(((value as Loose).declarations as Loose[])[0]!.init as Loose);
			for (const child of Array.isArray(value) ? value : [value])
				if (child && typeof child === 'object' && 'type' in child && isMarkup(child as Loose))
					visit(child as Loose, node.type === 'Component');
		}
	};
	visit(root.fragment as unknown as Loose);
	return texts;
}

const isInline = ({ type, name }: Loose): boolean =>
	type === 'RegularElement' && /^(kbd|strong|em|b|i|sup|sub)$/.test(String(name));

const isMarkup = ({ type }: Loose): boolean =>
	/^[A-Z]/.test(type) && !/(Expression|Literal|Identifier|Pattern|Statement|Declaration)$/.test(type);

/** Addresses, anchors, code, worked cases and the ids of rules are contracts; of a table of keys the last column is read. */
function inPage(file: string, text: string): Text[] {
	let isCode = false;
	return text.split('\n').flatMap((line, index) => {
		if (line.startsWith('```')) isCode = !isCode;
		if (isCode || line.startsWith('<!--') || /^## [a-z]+\.[a-z-]+( \{|$)/.test(line)) return [];
		const last = file === 'docs/job-file.md' && line.startsWith('|') ? there(line.split('|').at(-2), 'column') : line;
		const read = flat(last.replace(/\]\([^)]*\)/g, ']').replace(/\{#[^}]*\}/g, ''));
		return /[A-Za-z]{2}/.test(read) ? [{ file, line: index + 1, text: read }] : [];
	});
}

function inData(file: string, text: string): Text[] {
	return text.split('\n').flatMap((line, index) =>
		[...line.matchAll(/(?::|^)\s*"((?:[^"\\]|\\.)*)"/g)]
			.map(([, value]) => value!)
			.filter((value) => / /.test(value))
			.map((value) => ({ file, line: index + 1, text: value }))
	);
}
