/** Serves the production build: HOST, PORT, DATA_DIR. Stops in order on SIGTERM and SIGINT. */
import { createServer } from 'node:http';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { root } from './setup.js';

/** @returns the address, once the data folder is ours and the server listens */
export async function serve() {
	const host = process.env.HOST ?? '127.0.0.1';
	const port = Number(process.env.PORT ?? 4173);
	// Bodies are measured where they are read, each call with its own limit.
	process.env.BODY_SIZE_LIMIT = 'Infinity';
	let handler;
	try {
		({ handler } = await import(pathToFileURL(join(root, 'build', 'handler.js')).href));
	} catch (error) {
		if (error?.name !== 'LockedError') throw error;
		console.error(error.message);
		process.exit(1);
	}
	const server = createServer(handler);
	const stop = () => {
		server.close(() => process.emit('sveltekit:shutdown'));
		server.closeIdleConnections();
		// A connection that never ends must not keep the data folder.
		setTimeout(() => server.closeAllConnections(), 2000).unref();
		setTimeout(() => process.exit(0), 6000).unref();
	};
	process.once('SIGTERM', stop);
	process.once('SIGINT', stop);
	await new Promise((resolve, reject) => {
		server.once('error', reject);
		server.listen(port, host, resolve);
	}).catch((error) => {
		console.error(error.code === 'EADDRINUSE' ? `Port ${port} is in use. Give another PORT.` : error.message);
		process.emit('sveltekit:shutdown');
		process.exit(1);
	});
	return `http://${host.includes(':') ? `[${host}]` : host}:${server.address().port}`;
}
