/** Characters that no paper, drawing or table can carry: what a text is cleared of, and refused for. */

/** Control characters but tab and line ends, code points that stand for no character, halves of a pair. */
const UNPRINTABLE = /[^\P{Cc}\t\n\r]|\p{NChar}|\p{Cs}/gu;

/** Said of a text that has one. */
export const UNPRINTABLE_SAYS = 'This text has a control character or half of a character. Type it again.';

/** Whether every character of a text can be kept, written into XML and printed. */
export function isPrintable(text: string): boolean {
	return text.search(UNPRINTABLE) < 0;
}

/** The same text without what cannot be printed: what was kept before it was refused. */
export function printable(text: string): string {
	return text.replace(UNPRINTABLE, '');
}
