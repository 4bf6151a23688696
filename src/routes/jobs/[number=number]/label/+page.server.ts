import QRCode from 'qrcode';
import type { PageServerLoad } from './$types';
import { load as loadJob } from '../+page.server.ts';

export const load: PageServerLoad = async (event) => {
	const found = (await loadJob(event as unknown as Parameters<typeof loadJob>[0])) as {
		number: string;
		rev: number;
		job: import('$core/job/definition.ts').JobFile;
		shop: import('$core/shop/written.ts').WrittenShop;
	};
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
