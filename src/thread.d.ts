/** A file with all that it imports as one text, which a worker thread runs (scripts/thread-code.js). */
declare module '*?thread' {
	const code: string;
	export default code;
}
