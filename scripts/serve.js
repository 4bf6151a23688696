/** Serves the production build: HOST, PORT, DATA_DIR or DATABASE_URL. Stops in order on SIGTERM and SIGINT. */
import { randomUUID } from 'node:crypto';
import { createServer } from 'node:http';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { foreignHost, hostsOf } from './hosts.js';
import { root } from './setup.js';

/** From the signal to the end: requests under way have the first part of it. */
const CLOSE_MS = 2000;
const IDLE_MS = 75_000;
const END_MS = 4500;
const SECURITY = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=()'
};
/** Faults of the start that are told in their one sentence. */
const TOLD = ['LockedError', 'FreshError', 'NewerDataError', 'FolderError'];

/** @returns the address, once the database is ours and the server listens */
export async function serve() {
	const host = process.env.HOST ?? '127.0.0.1';
	const port = Number(process.env.PORT ?? 4173);
	// Bodies are measured where they are read, each call with its own limit.
	process.env.BODY_SIZE_LIMIT = 'Infinity';
	let handler;
	try {
		({ handler } = await import(pathToFileURL(join(root, 'build', 'handler.js')).href));
	} catch (error) {
		if (TOLD.includes(error?.name)) console.error(error.message);
		else if (process.env.DATABASE_URL && isOfConnection(error))
			console.error(`The database server of DATABASE_URL refused the connection: ${error.message || error.code}.`);
		else throw error;
		process.exit(1);
	}
	const isOurs = hostsOf(process.env);
	const server = createServer((request, response) => {
		const id = (request.headers['x-request-id'] = randomUUID());
		const started = performance.now();
		response.setHeader('x-request-id', id);
		// Files of the build are answered without coming to the application.
		for (const [name, value] of Object.entries(SECURITY)) response.setHeader(name, value);
		response.once('close', () =>
			process.emit('rare-keep:answered', {
				id,
				method: request.method,
				path: request.url.split('?')[0],
				status: response.statusCode,
				ms: Math.round(performance.now() - started)
			})
		);
		if (isOurs(request.headers.host)) handler(request, response);
		else refuse(response, foreignHost(request.headers.host));
	});
	// A connection that lies idle is not closed just as it is used again: whoever asks closes first.
	server.keepAliveTimeout = IDLE_MS;
	const stop = () => {
		process.emit('rare-keep:stopping');
		server.close(() => process.emit('sveltekit:shutdown'));
		server.closeIdleConnections();
		// A connection that never ends must not keep the data folder.
		setTimeout(() => server.closeAllConnections(), CLOSE_MS).unref();
		setTimeout(() => process.exit(0), END_MS).unref();
	};
	process.once('SIGTERM', stop);
	process.once('SIGINT', stop);
	await new Promise((resolve, reject) => {
		server.once('error', reject);
		server.listen(port, host, resolve);
	}).catch((error) => {
		console.error(error.code === 'EADDRINUSE' ? `Port ${port} is in use. Set another PORT.` : error.message);
		process.emit('sveltekit:shutdown');
		process.exit(1);
	});
	return `http://${host.includes(':') ? `[${host}]` : host}:${server.address().port}`;
}

/** 421: misdirected. */
function refuse(response, says) {
	response.writeHead(421, {
		'content-type': 'application/json',
		'cache-control': 'no-store',
		'content-security-policy': "default-src 'none'; frame-ancestors 'none'"
	});
	response.end(JSON.stringify({ faults: [{ path: 'Host', says }] }));
}

/** The network's, or the server's own refusal of a name, a word or a database. */
function isOfConnection(error) {
	return /^(E[A-Z]+|28...|3D000)$/.test(error?.code ?? '') || /connection|timeout|SSL/i.test(error?.message ?? '');
}
