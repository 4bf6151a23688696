/** The papers and files of a job, as Record and the menu on the bar offer them. */
import type { Plan } from '$core/plan.ts';

export type JobPaper = {
	name: string;
	href: string;
	/** Opens it, outside of a field. */
	key: string;
};
export type FileOfJob = { name: string; href: string; kind: 'SVG' | 'DXF' | 'CSV' };

export function filesOf(number: string, plan: Plan): { papers: JobPaper[]; files: FileOfJob[] } {
	const drawn = [
		{ name: 'front', said: 'Front' },
		{ name: 'section', said: 'Section' },
		...(plan.frame ? [{ name: 'back', said: 'Back' }] : []),
		{ name: 'cut', said: 'Parts to cut' }
	];
	return {
		papers: [
			{ name: 'Job sheet', href: `/jobs/${number}/sheet`, key: 'j' },
			{ name: 'Back label', href: `/jobs/${number}/label`, key: 'b' },
			...(plan.frame ? [{ name: 'Template of the back', href: `/jobs/${number}/template`, key: 't' }] : []),
			{ name: 'Care sheet for the customer', href: `/jobs/${number}/care`, key: 'h' },
			{ name: 'At the bench', href: `/jobs/${number}/bench`, key: 'r' },
			{ name: 'Cost', href: `/jobs/${number}/cost`, key: 'c' },
			{ name: 'Quote', href: `/jobs/${number}/quote`, key: 'q' }
		],
		files: [
			...drawn.flatMap(({ name, said }) =>
				(['SVG', 'DXF'] as const).map((kind) => ({
					name: said,
					kind,
					href: `/api/jobs/${number}/${name}.${kind.toLowerCase()}`
				}))
			),
			{ name: 'Cut list', kind: 'CSV', href: `/api/jobs/${number}/cut.csv` }
		]
	};
}
