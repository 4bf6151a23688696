/** A photograph of the finished work: made no larger than a record needs, and kept. */

const LONGEST_PX = 2400;
const QUALITY = 0.85;

export type KeptPhotograph = { ok: true; sum: string } | { ok: false; says: string };

export async function keptPhotograph(file: File): Promise<KeptPhotograph> {
	let smaller: Blob;
	try {
		smaller = await shrunk(file);
	} catch {
		return { ok: false, says: 'This picture can’t be opened. Use a JPEG, PNG or WebP.' };
	}
	try {
		const response = await fetch('/api/pictures', { method: 'POST', headers: { 'content-type': smaller.type }, body: smaller });
		if (response.ok) return { ok: true, sum: ((await response.json()) as { sum: string }).sum };
		return { ok: false, says: 'The server refused it.' };
	} catch {
		return { ok: false, says: 'No connection to the server: photograph it again once connected.' };
	}
}

async function shrunk(file: File): Promise<Blob> {
	const picture = await createImageBitmap(file);
	const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height));
	const canvas = new OffscreenCanvas(Math.ceil(picture.width * scale), Math.ceil(picture.height * scale));
	canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
	picture.close();
	return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}
