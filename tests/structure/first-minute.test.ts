/** What a newcomer types first: no command imports a package before it has installed it. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { test } from 'node:test';
import ts from 'typescript';

const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> };
const entries = Object.values(scripts).flatMap((line) =>
	[...line.matchAll(/\bnode (scripts\/\S+\.js)/g)].map(([, file]) => file!)
);

/** Static imports alone: what is imported within a function comes once it is installed. */
function staticImports(text: string): string[] {
	const source = ts.createSourceFile('script.js', text, ts.ScriptTarget.Latest);
	return source.statements.flatMap((statement) =>
		(ts.isImportDeclaration(statement) || ts.isExportDeclaration(statement)) && statement.moduleSpecifier
			? [(statement.moduleSpecifier as ts.StringLiteral).text]
			: []
	);
}

/** @returns `scripts/demo.js > scripts/stand-ins/cutter.js imports joi` for each package that an entry comes to */
function packagesOf(entry: string, read: (path: string) => string): string[] {
	const seen = new Set<string>();
	const found: string[] = [];
	const visit = (file: string, way: string) => {
		if (seen.has(file)) return;
		seen.add(file);
		for (const name of staticImports(read(file))) {
			if (name.startsWith('node:')) continue;
			if (name.startsWith('.')) {
				const next = normalize(join(dirname(file), name));
				visit(next, `${way} > ${next}`);
			} else found.push(`${way} imports ${name}`);
		}
	};
	visit(entry, entry);
	return found;
}

const fromDisk = (path: string) => readFileSync(path, 'utf8');

test('no command of package.json imports a package before it has installed it', () => {
	assert.ok(entries.includes('scripts/demo.js') && entries.includes('scripts/bench.js') && entries.length >= 10);
	assert.deepEqual(
		entries.flatMap((entry) => packagesOf(entry, fromDisk)),
		[]
	);
});

test('a planted package is found, through another file', () => {
	const planted = (path: string) => (path === 'scripts/serve.js' ? "import Joi from 'joi';\n" : fromDisk(path));
	assert.deepEqual(packagesOf('scripts/demo.js', planted), ['scripts/demo.js > scripts/serve.js imports joi']);
});
