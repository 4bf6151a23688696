/** Gives a text to the person as a file. */

export function saveFile(name: string, type: string, text: string): void {
	const link = document.createElement('a');
	link.href = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
	link.download = name;
	link.click();
	// The browser has taken the text once the click is over.
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
