/** The first letter small, unless it begins an abbreviation: a finding inside a sentence. */
export function lowered(text: string): string {
	return /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}
