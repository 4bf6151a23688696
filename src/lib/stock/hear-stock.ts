/** Hears from the server when what lies in stock changes, by whomever: arrivals, counts, plans that reserve, sheets that are cut. */

/** While the page is seen: a browser keeps only a few connections, and one that is looked at again looks anew. @returns what ends it */
export function hearStock(changed: () => void): () => void {
	let source: EventSource | null = null;
	const follow = () => {
		if (document.visibilityState === 'hidden') {
			source?.close();
			source = null;
		} else if (!source) {
			source = new EventSource('/api/events');
			source.addEventListener('shop', ({ data }: MessageEvent<string>) => {
				if ((JSON.parse(data) as { list: string }).list === 'stock') changed();
			});
		}
	};
	const lookAgain = () => {
		if (document.visibilityState === 'visible' && !source) changed();
		follow();
	};
	follow();
	document.addEventListener('visibilitychange', lookAgain);
	return () => {
		document.removeEventListener('visibilitychange', lookAgain);
		source?.close();
	};
}
