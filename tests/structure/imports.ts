/** Which file imports which, types included; circles among them, and imports that climb from a lower tier to a higher one. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, normalize, dirname } from 'node:path';
import ts from 'typescript';
import { TIERS } from '../../scripts/tiers.js';

/** Paths from the project's root. */
export type Imports = Map<string, string[]>;

/** Every import of the program's own files below folders, tests left out. */
export function importsIn(...folders: string[]): Imports {
	const imports: Imports = new Map();
	const walk = (folder: string) => {
		for (const name of readdirSync(folder)) {
			const path = join(folder, name);
			if (statSync(path).isDirectory()) walk(path);
			else if (/\.(ts|svelte)$/.test(name) && !name.endsWith('.test.ts')) imports.set(path, importsOf(path));
		}
	};
	for (const folder of folders) walk(folder);
	return imports;
}

function importsOf(path: string): string[] {
	const text = readFileSync(path, 'utf8');
	const script = path.endsWith('.svelte')
		? [...text.matchAll(/<script[^>]*>([\s\S]*?)<\/script>/g)].map(([, code]) => code).join('\n')
		: text;
	return ts
		.preProcessFile(script, true, true)
		.importedFiles.map(({ fileName }) => fileName.split('?')[0]!)
		.flatMap((name) => {
			if (name.startsWith('$core/')) return [name.replace('$core', 'core')];
			if (name.startsWith('$lib/')) return [name.replace('$lib', 'src/lib')];
			return name.startsWith('.') ? [normalize(join(dirname(path), name))] : [];
		});
}

/** Every group of files that import each other in a circle; each file stands in one at most. */
export function circlesIn(imports: Imports): string[][] {
	const order = new Map<string, { index: number; low: number; open: boolean }>();
	const path: string[] = [];
	const circles: string[][] = [];
	const visit = (file: string) => {
		const own = { index: order.size, low: order.size, open: true };
		order.set(file, own);
		path.push(file);
		for (const next of imports.get(file) ?? []) {
			if (!imports.has(next)) continue;
			if (!order.has(next)) visit(next);
			const other = order.get(next)!;
			if (other.open) own.low = Math.min(own.low, other.low);
		}
		if (own.low < own.index) return;
		const circle = path.splice(path.indexOf(file));
		for (const one of circle) order.get(one)!.open = false;
		if (circle.length > 1 || imports.get(file)!.includes(file)) circles.push(circle.sort());
	};
	for (const file of imports.keys()) if (!order.has(file)) visit(file);
	return circles;
}

/** Imports of a tier above the file's own, and files of the core that stand in none. */
export function climbingIn(imports: Imports): string[] {
	const found: string[] = [];
	for (const [file, targets] of imports) {
		const own = tierOf(file);
		if (own < 0) found.push(`${file} stands in no tier`);
		for (const target of targets) if (tierOf(target) > own) found.push(`${file} imports ${target}`);
	}
	return found;
}

/** The place of a file's tier among all, the lowest first. */
function tierOf(file: string): number {
	return TIERS.findIndex((tier) => tier.some((part) => file === `core/${part}` || file.startsWith(`core/${part}/`)));
}
