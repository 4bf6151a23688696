/** A photograph on its way into the job: opened, its corners pulled, squared in a worker, kept. */
import { crosses } from '$core/geometry/perspective.ts';
import type { Point } from '$core/geometry/shapes.ts';
import type { Told } from './messages.ts';
import SquareWorker from './square.worker.ts?worker';
import type { Measure } from '$core/figures/measure.ts';
import { there } from '$core/units/there.ts';

export const LARGEST_MB = 60;
const PICTURES = ['image/jpeg', 'image/png', 'image/webp', 'image/svg+xml'];

export class PhotographDesk {
	/** What is shown while its corners are pulled. */
	preview = $state.raw<ImageBitmap | null>(null);
	/** Corners of the sheet in it, from top-left clockwise, as shares of its width and height. */
	corners = $state<Point[]>([]);
	state = $state<'none' | 'opening' | 'pulling' | 'squaring' | 'keeping'>('none');
	progress = $state(0);
	/** Why it was not taken. */
	refusal = $state('');
	#worker: Worker | null = null;
	#keep: ((sum: string) => void) | null = null;

	/** @param keep takes the kept picture's sum */
	open(file: File, keep: (sum: string) => void): void {
		this.close();
		this.#keep = keep;
		if (!PICTURES.includes(file.type)) return this.#refuse('This is not a picture. Use a JPEG, PNG, WebP or an SVG of shapes.');
		if (file.size > LARGEST_MB * 1024 * 1024)
			return this.#refuse(
				`This file is ${Math.round(file.size / 1024 / 1024)} MB; at most ${LARGEST_MB} MB can be opened. Make it smaller.`
			);
		// A drawing is square already.
		if (file.type === 'image/svg+xml') return void this.#send(file);
		this.state = 'opening';
		this.#worker = new SquareWorker();
		this.#worker.onmessage = (event: MessageEvent<Told>) => this.#told(event.data);
		this.#worker.onerror = () => this.#refuse('This picture could not be opened. It may be too large for this browser.');
		this.#worker.postMessage({ kind: 'open', file });
	}

	/** Squares it to the readings of the sheet. */
	square(measure: Measure): void {
		if (crosses(this.corners)) {
			this.refusal = 'These corners cross. Drag each onto its own corner of the sheet.';
			return;
		}
		const left = Math.min(...measure.outline.map((corner) => corner.x));
		const top = Math.min(...measure.outline.map((corner) => corner.y));
		this.refusal = '';
		this.progress = 0;
		this.state = 'squaring';
		there(this.#worker, 'worker').postMessage({
			kind: 'square',
			corners: $state.snapshot(this.corners),
			outline: measure.outline.map(({ x, y }) => ({ x: x - left, y: y - top })),
			size: measure.largest
		});
	}

	/** Puts it away; what is running stops. */
	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.preview?.close();
		this.preview = null;
		this.state = 'none';
		this.refusal = '';
	}

	#told(told: Told): void {
		if (told.kind === 'opened') {
			this.preview = told.preview;
			const [low, high] = [0.08, 0.92];
			this.corners = [
				{ x: low, y: low },
				{ x: high, y: low },
				{ x: high, y: high },
				{ x: low, y: high }
			];
			this.state = 'pulling';
		} else if (told.kind === 'progress') this.progress = told.share;
		else if (told.kind === 'squared') void this.#send(told.picture);
		else if (this.state === 'squaring') {
			this.refusal = told.says;
			this.state = 'pulling';
		} else this.#refuse(told.says);
	}

	async #send(picture: Blob): Promise<void> {
		this.state = 'keeping';
		try {
			const response = await fetch('/api/pictures', { method: 'POST', headers: { 'content-type': picture.type }, body: picture });
			const body = (await response.json()) as { sum?: string; faults?: { says: string }[] };
			if (!body.sum) return this.#sent(body.faults?.[0]?.says ?? 'The server refused this picture.');
			this.#keep?.(body.sum);
			this.close();
		} catch {
			this.#sent('The server can’t be reached. Keep the photograph and try again later.');
		}
	}

	/** Not kept: what was pulled stays, so that it can be tried again. */
	#sent(says: string): void {
		if (!this.preview) return this.#refuse(says);
		this.refusal = says;
		this.state = 'pulling';
	}

	#refuse(says: string): void {
		this.close();
		this.refusal = says;
	}
}
