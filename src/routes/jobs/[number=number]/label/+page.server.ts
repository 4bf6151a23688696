import QRCode from 'qrcode';
import type { PageServerLoad } from './$types';
import { plannedPage } from '$lib/server/job-page.ts';

export const load: PageServerLoad = async (event) => {
	const found = await plannedPage(event.params.number);
	// The code leads to the record, at the address under which this shop is reached.
	const { modules } = QRCode.create(
		`${event.url.protocol}//${event.request.headers.get('host') ?? event.url.host}/jobs/${found.number}`,
		{ errorCorrectionLevel: 'M' }
	);
	const dark: string[] = [];
	for (let row = 0; row < modules.size; row += 1) {
		for (let column = 0; column < modules.size; column += 1) if (modules.get(row, column)) dark.push(`M${column} ${row}h1v1h-1z`);
	}
	return { ...found, code: { size: modules.size, path: dark.join('') } };
};
