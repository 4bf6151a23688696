/** A body as a call gets it whose reading is its own. */
export function bytesOf(body: unknown): Uint8Array {
	return new TextEncoder().encode(JSON.stringify(body));
}
