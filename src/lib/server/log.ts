/** Logs to standard error, so that standard output stays the one line with the address. */
import pino from 'pino';

export const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' }, pino.destination(2));

export type LoggedError = { type: string; message: string; stack?: string; code?: string };

/** A line of the log stays below 8 kB. */
const MESSAGE_MOST = 1000;
const STACK_MOST = 4000;
const PATH_MOST = 500;

/** A path as it is written down. */
export const loggablePath = (path: string): string => path.slice(0, PATH_MOST);

/** What may be written down of an error: never a statement's values, never a row of somebody's data. */
export function loggable(error: unknown): LoggedError {
	if (!(error instanceof Error)) return { type: typeof error, message: 'Something other than an error was thrown.' };
	const { code } = error as { code?: unknown };
	const ofDatabase = typeof code === 'string' && /^[0-9A-Z]{5}$/.test(code);
	// “invalid input syntax for type integer: "…"” quotes what somebody typed.
	const message = ofDatabase && code.startsWith('22') ? 'The database refused a value.' : error.message;
	return {
		type: error.name,
		message: message.slice(0, MESSAGE_MOST),
		stack: error.stack?.replace(error.message, message).slice(0, STACK_MOST),
		...(typeof code === 'string' ? { code } : {})
	};
}

/** The way to the database is broken, or it is going down: the next try may find it again. */
export function isOfDatabase(error: unknown): boolean {
	const { code, message } = (error ?? {}) as { code?: unknown; message?: unknown };
	return (
		/^(ECONN|EPIPE|ETIMEDOUT|ENOTFOUND|EHOSTUNREACH|ENETUNREACH|EAI_AGAIN|08|53300|57P|55000)/.test(String(code)) ||
		/connection (terminated|timeout|error)|closed the connection|timeout exceeded|not currently accepting connections/i.test(
			String(message)
		)
	);
}

/** There is no more room where the database keeps its files. */
export function isOfFullDisk(error: unknown): boolean {
	const { code, message } = (error ?? {}) as { code?: unknown; message?: unknown };
	return code === '53100' || code === 'ENOSPC' || /no space left/i.test(String(message));
}
