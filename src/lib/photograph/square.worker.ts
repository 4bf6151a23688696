/** Opens a photograph and takes the sheet in it straight, away from the page, so that the page keeps answering. */
import { perspectiveBetween, takeStraight, type Pixels } from '$core/geometry/perspective.ts';
import type { Ask, Told } from './messages.ts';
import { nth, there } from '$core/units/there.ts';

/** What is shown while corners are pulled. */
const PREVIEW_PX = 1800;
/** What is worked on: more than any print of a job sheet shows. */
const MOST_PIXELS = 24e6;
/** Longest side of the kept picture. */
const KEPT_PX = 2800;
const ROWS_AT_ONCE = 64;
const QUALITY = 0.9;

let photograph: Pixels | null = null;

const tell = (told: Told, transfer: Transferable[] = []) => postMessage(told, { transfer });

self.onmessage = (event: MessageEvent<Ask>) => {
	const ask = event.data;
	const done = ask.kind === 'open' ? open(ask.file) : square(ask);
	done.catch((error: unknown) => tell({ kind: 'refused', says: sentenceFor(error) }));
};

async function open(file: Blob): Promise<void> {
	let whole: ImageBitmap;
	try {
		// Upright as it was taken, whichever way the camera was held.
		whole = await createImageBitmap(file, { imageOrientation: 'from-image' });
	} catch {
		return tell({ kind: 'refused', says: 'This picture can’t be opened here. Use a JPEG, PNG or WebP.' });
	}
	const { width, height } = whole;
	const worked = pixelsOf(whole, Math.min(1, Math.sqrt(MOST_PIXELS / (width * height))));
	photograph = worked;
	const share = Math.min(1, PREVIEW_PX / Math.max(width, height));
	const preview = await createImageBitmap(whole, {
		resizeWidth: Math.max(1, Math.round(width * share)),
		resizeHeight: Math.max(1, Math.round(height * share)),
		resizeQuality: 'medium'
	});
	whole.close();
	tell({ kind: 'opened', preview, width, height }, [preview]);
}

function pixelsOf(bitmap: ImageBitmap, share: number): Pixels {
	const [width, height] = [Math.max(1, Math.round(bitmap.width * share)), Math.max(1, Math.round(bitmap.height * share))];
	const context = there(new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true }), 'get context');
	context.drawImage(bitmap, 0, 0, width, height);
	return context.getImageData(0, 0, width, height);
}

async function square({ corners, outline, size }: Ask & { kind: 'square' }): Promise<void> {
	if (!photograph) return;
	const shown = corners.map(({ x, y }) => ({
		x: x * there(photograph, 'photograph').width,
		y: y * there(photograph, 'photograph').height
	}));
	const perMm = pixelsPerMm(shown, outline, size);
	const [width, height] = [Math.max(1, Math.round(size.width * perMm)), Math.max(1, Math.round(size.height * perMm))];
	const perspective = perspectiveBetween(
		outline.map(({ x, y }) => ({ x: (x * width) / size.width, y: (y * height) / size.height })),
		shown
	);
	if (!perspective) return tell({ kind: 'refused', says: 'These corners cross. Drag each onto its own corner of the sheet.' });
	const canvas = new OffscreenCanvas(width, height);
	const context = there(canvas.getContext('2d'), 'get context');
	const picture = context.createImageData(width, height);
	for (let row = 0; row < height; row += ROWS_AT_ONCE) {
		takeStraight(photograph, picture, perspective, [row, Math.min(height, row + ROWS_AT_ONCE)]);
		tell({ kind: 'progress', share: Math.min(1, (row + ROWS_AT_ONCE) / height) });
	}
	context.putImageData(picture, 0, 0);
	tell({ kind: 'squared', picture: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }) });
}

/** As fine as the photograph shows the sheet, within what is kept. */
function pixelsPerMm(
	shown: { x: number; y: number }[],
	outline: { x: number; y: number }[],
	size: { width: number; height: number }
): number {
	const finest = Math.max(
		...shown.map((corner, index) => {
			const next = (index + 1) % 4;
			const apart = Math.hypot(nth(shown, next).x - corner.x, nth(shown, next).y - corner.y);
			return apart / Math.hypot(nth(outline, next).x - nth(outline, index).x, nth(outline, next).y - nth(outline, index).y);
		})
	);
	return Math.min(finest, KEPT_PX / Math.max(size.width, size.height));
}

function sentenceFor(error: unknown): string {
	return error instanceof RangeError || (error instanceof DOMException && error.name === 'InvalidStateError')
		? 'This picture is too large for this browser. Make it smaller, 50 megapixels at most.'
		: 'The picture could not be squared. Try again, or use another.';
}
