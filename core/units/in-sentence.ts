/** @returns a material's name as it is said within a sentence: "Plain glass" is plain glass, "UV glass" and "MDF" stay as they are */
export function inSentence(name: string): string {
	return name.replace(/^\p{Lu}(?!\p{Lu})/u, (letter) => letter.toLowerCase());
}
