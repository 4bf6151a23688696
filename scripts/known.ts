/** Writes what the known jobs come to; with a name, prints it. */
import { writeFileSync } from 'node:fs';
import { KNOWN, outcomeOf, sumsOf } from '../tests/known/sums.ts';

const [name] = process.argv.slice(2);
if (name === undefined) {
	const lines = Object.keys(KNOWN).map((one) => `\t${JSON.stringify(one)}: ${JSON.stringify(sumsOf(one))}`);
	writeFileSync('tests/known/sums.json', `{\n${lines.join(',\n')}\n}\n`);
} else if (name in KNOWN) {
	for (const [station, text] of Object.entries(outcomeOf(name)))
		console.log(`${station}\n${JSON.stringify(JSON.parse(text), null, '\t')}`);
} else {
	console.error(`There is no known job “${name}”. Their names stand in tests/known/jobs.json.`);
	process.exitCode = 1;
}
