/** The first letter small, unless it begins an abbreviation: a finding inside a sentence. */
export function lowered(text: string): string {
	return /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}

/** A figure and its unit on one line. */
export function unbroken(text: string): string {
	return text.replace(/(\d) (mm|in|kg|g)\b/g, '$1\u00a0$2');
}
