/** What is read piece by piece, as the body of an answer: nothing is read before it is wanted. */
import { Readable } from 'node:stream';

export function streamOf<T extends string | Uint8Array>(pieces: AsyncIterable<T>): ReadableStream<Uint8Array> {
	const bytes = async function* () {
		for await (const piece of pieces) yield typeof piece === 'string' ? Buffer.from(piece) : piece;
	};
	return Readable.toWeb(Readable.from(bytes())) as ReadableStream<Uint8Array>;
}
