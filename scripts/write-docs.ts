/** Writes the pages that are made from the program's own lists: findings, house figures, schools, and docs/job-file.md. */
import { writeFileSync } from 'node:fs';
import { generatedPages } from './generated-pages.ts';

for (const [path, text] of Object.entries(generatedPages())) writeFileSync(path, text);
