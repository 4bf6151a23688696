/** The changes that are tried in a file, and the file with all of them in it. */
import { installPackages } from './setup.js';

installPackages();
const { default: ts } = await import('typescript');

const OPERATORS = {
	'<': '<=',
	'<=': '<',
	'>': '>=',
	'>=': '>',
	'+': '-',
	'-': '+',
	'*': '/',
	'/': '*',
	'&&': '||',
	'||': '&&',
	'===': '!==',
	'!==': '==='
};
const SHORT = new Set(['&&', '||']);

/** A change of a node, or null where it has none. @returns where it is written, what stands there, by what it is replaced */
function changeOf(node, source) {
	if (ts.isNumericLiteral(node)) {
		const named = ts.isPropertyAssignment(node.parent) && node.parent.name === node;
		const value = Number(node.text);
		// A count becomes the next one: what takes whole numbers would not see a fraction.
		return named ? null : { at: node, by: String(Number.isInteger(value) ? value + 1 : value * 1.1 + 0.1) };
	}
	if (ts.isBinaryExpression(node)) {
		const by = OPERATORS[node.operatorToken.getText(source)];
		return by ? { at: node.operatorToken, by } : null;
	}
	if (ts.isPropertyAccessExpression(node) && ['Math.min', 'Math.max'].includes(node.getText(source)))
		return { at: node, by: node.name.text === 'min' ? 'Math.max' : 'Math.min' };
	return null;
}

const isLeftOut = (node) => ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isTypeAliasDeclaration(node);

/** @returns the changes of a file, in the order in which `withChanges` numbers them */
export function changesIn(file, text) {
	const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2023, true);
	const changes = [];
	const walk = (node, runs) => {
		if (isLeftOut(node)) return;
		const change = changeOf(node, source);
		if (change) {
			const start = change.at.getStart(source);
			changes.push({
				start,
				end: change.at.end,
				by: change.by,
				was: change.at.getText(source),
				line: source.getLineAndCharacterOfPosition(start).line + 1,
				// What stands outside of every function has run before the first test.
				atLoad: !runs
			});
		}
		ts.forEachChild(node, (child) => walk(child, runs || ts.isFunctionLike(node)));
	};
	walk(source, false);
	return changes;
}

/** The file with every change in it: change 17 is what runs while `globalThis.isChanged(17)`. */
export function withChanges(file, text) {
	const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2023, true);
	let number = 0;
	const written = (node) => {
		if (isLeftOut(node)) return node.getText(source);
		const change = changeOf(node, source);
		if (!change) return inside(node);
		number += 1;
		const mine = number;
		if (!ts.isBinaryExpression(node)) return `(globalThis.isChanged(${mine}) ? ${change.by} : ${node.getText(source)})`;
		const operator = node.operatorToken.getText(source);
		const [left, right] = [written(node.left), written(node.right)];
		if (SHORT.has(operator)) {
			// Written out, so that what the left side has ruled out stays ruled out on the right.
			return `(globalThis.isChanged(${mine}) ? globalThis.other(() => (${left}), () => (${right}), '${change.by}') : (${left} ${operator} ${right}))`;
		}
		return `globalThis.either(${mine}, ${left}, ${right}, '${operator}', '${change.by}')`;
	};
	const inside = (node) => {
		let [out, at] = ['', node.getStart(source)];
		ts.forEachChild(node, (child) => {
			const start = child.getStart(source);
			out += text.slice(at, start) + written(child);
			at = child.end;
		});
		return out + text.slice(at, node.end);
	};
	return inside(source);
}
