/** Characters that no paper, drawing or table can carry: what a text is cleared of, and refused for. */

/** Control characters but tab and line ends, and code points that stand for no character. */
const UNPRINTABLE =
	/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufdd0-\ufdef\ufffe\uffff]|[\ud83f\ud87f\ud8bf\ud8ff\ud93f\ud97f\ud9bf\ud9ff\uda3f\uda7f\udabf\udaff\udb3f\udb7f\udbbf\udbff][\udffe\udfff]/g;
/** Half of a pair that makes one character. */
const HALF = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

/** Whether every character of a text can be kept, written into XML and printed. */
export function isPrintable(text: string): boolean {
	return text.search(UNPRINTABLE) < 0 && text.search(HALF) < 0;
}

/** The same text without what cannot be printed: what was kept before it was refused. */
export function printable(text: string): string {
	return text.replace(UNPRINTABLE, '').replace(HALF, '');
}
