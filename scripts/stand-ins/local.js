/** A small server on this machine alone, for what stands in for a device or a service. */
import { createServer } from 'node:http';

const MOST_BYTES = 4 * 1024 * 1024;

/**
 * @param {number} port 0 for a free one
 * @param {(request: import('node:http').IncomingMessage, path: string) => Promise<[status: number, body: object]>} answer
 * @returns {Promise<{ address: string, close: () => Promise<void> }>}
 */
export function listen(port, answer) {
	const server = createServer((request, response) => {
		const path = new URL(request.url ?? '/', 'http://local').pathname;
		void answer(request, path)
			.catch((error) => [400, { says: String(error.message ?? error) }])
			.then(([status, body]) => {
				response.writeHead(status, { 'content-type': 'application/json' });
				response.end(JSON.stringify(body));
			});
	});
	return new Promise((resolve, reject) => {
		server.once('error', reject);
		server.listen(port, '127.0.0.1', () =>
			resolve({
				address: `http://127.0.0.1:${server.address().port}`,
				close: () =>
					new Promise((done) => {
						server.close(() => done());
						server.closeAllConnections();
					})
			})
		);
	});
}

/** @returns {Promise<unknown>} the JSON that was sent */
export async function readBody(request) {
	const parts = [];
	let bytes = 0;
	for await (const part of request) {
		bytes += part.length;
		if (bytes > MOST_BYTES) throw new Error('This is too much at once.');
		parts.push(part);
	}
	return JSON.parse(Buffer.concat(parts).toString('utf8'));
}
