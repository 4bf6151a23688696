/** @returns a material's name as it is said within a sentence: "Plain glass" is plain glass, "UV glass", "MDF" and "D-ring" stay as they are */
export function inSentence(name: string): string {
	return name.replace(/^\p{Lu}(?![\p{Lu}-])/u, (letter) => letter.toLowerCase());
}

/** @returns a name as it begins a sentence or a line: "hinge tab" is Hinge tab */
export function atStart(name: string): string {
	return name.charAt(0).toUpperCase() + name.slice(1);
}
