/** The sizes that papers are printed on. */
export type PaperSize = 'a4' | 'letter';
