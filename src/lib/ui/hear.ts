/**
 * Hears events of the server while the page is seen: a browser keeps only a few connections.
 * @param hears what is done with each kind of event
 * @param seenAgain after the page was not looked at, and may have missed something
 * @returns what ends it
 */
export function hearWhileSeen(address: string, hears: Record<string, (data: never) => void>, seenAgain?: () => void): () => void {
	let source: EventSource | null = null;
	const follow = () => {
		if (document.visibilityState === 'hidden') {
			source?.close();
			source = null;
		} else if (!source) {
			source = new EventSource(address);
			for (const [event, heard] of Object.entries(hears))
				source.addEventListener(event, ({ data }: MessageEvent<string>) => heard(JSON.parse(data) as never));
			return true;
		}
		return false;
	};
	const lookAgain = () => {
		if (follow()) seenAgain?.();
	};
	follow();
	document.addEventListener('visibilitychange', lookAgain);
	return () => {
		document.removeEventListener('visibilitychange', lookAgain);
		source?.close();
	};
}
