/** Logs to standard error, so that standard output stays the one line with the address. */
import pino from 'pino';

export const log = pino({ level: process.env.LOG_LEVEL ?? 'warn' }, pino.destination(2));
