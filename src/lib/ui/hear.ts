/**
 * Hears events of the server while the page is seen: a browser keeps only a few connections.
 * @param seenAgain after the page was not looked at, and may have missed something
 * @returns what ends it
 */
export function hearWhileSeen<T>(address: string, event: string, heard: (data: T) => void, seenAgain?: () => void): () => void {
	let source: EventSource | null = null;
	const follow = () => {
		if (document.visibilityState === 'hidden') {
			source?.close();
			source = null;
		} else if (!source) {
			source = new EventSource(address);
			source.addEventListener(event, ({ data }: MessageEvent<string>) => heard(JSON.parse(data) as T));
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
