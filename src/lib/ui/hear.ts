/** Hears events of the server while the page is seen, and takes them up again by itself after server or database were away. */
import { away } from './away.svelte.ts';

/** The server refuses while its database is away. */
const AGAIN_MS = 2000;
/** A way that breaks off is mostly whole again before anybody need know. */
const AWAY_MS = 4000;

/**
 * A browser keeps only a few connections: a page that is not looked at gives its own back.
 * @param hears what is done with each kind of event
 * @param missed after the page was not looked at, or the way was broken: something may not have been heard
 * @returns what ends it
 */
export function hearWhileSeen(address: string, hears: Record<string, (data: never) => void>, missed?: () => void): () => void {
	let source: EventSource | null = null;
	let again: ReturnType<typeof setTimeout> | undefined;
	let told: ReturnType<typeof setTimeout> | undefined;
	let isBroken = false;
	const me = {};

	const close = () => {
		clearTimeout(again);
		clearTimeout(told);
		source?.close();
		source = null;
		isBroken = false;
		away.back(me);
	};
	const opened = () => {
		clearTimeout(told);
		away.back(me);
		if (isBroken) missed?.();
		isBroken = false;
	};
	const broken = () => {
		if (!isBroken) {
			isBroken = true;
			told = setTimeout(() => away.gone(me), AWAY_MS);
		}
		// A browser goes on trying by itself, but not after a refusal.
		if (source?.readyState === EventSource.CLOSED) {
			clearTimeout(again);
			again = setTimeout(open, AGAIN_MS);
		}
	};
	const open = () => {
		source?.close();
		source = new EventSource(address);
		source.addEventListener('open', opened);
		source.addEventListener('error', broken);
		for (const [event, heard] of Object.entries(hears))
			source.addEventListener(event, ({ data }: MessageEvent<string>) => heard(JSON.parse(data) as never));
	};
	const look = () => {
		if (document.visibilityState === 'hidden') close();
		else if (!source) {
			open();
			return true;
		}
		return false;
	};
	const lookAgain = () => {
		if (look()) missed?.();
	};
	look();
	document.addEventListener('visibilitychange', lookAgain);
	return () => {
		document.removeEventListener('visibilitychange', lookAgain);
		close();
	};
}
