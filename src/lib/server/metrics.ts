/** Figures for those who watch the server, in Prometheus' text form. */
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { streamsNow } from './events.ts';
import { threadsNow } from './threads/pool.ts';

const registry = new Registry();
collectDefaultMetrics({ register: registry });
const answers = new Histogram({
	name: 'rare_keep_answer_seconds',
	help: 'Time from a request to the end of its answer, by method and status.',
	labelNames: ['method', 'status'],
	buckets: [0.005, 0.01, 0.03, 0.06, 0.1, 0.25, 0.5, 1, 5, 30],
	registers: [registry]
});
gauge('rare_keep_threads', 'Worker threads that run.', () => threadsNow().threads);
gauge('rare_keep_work_waiting', 'Pieces of work in the threads or waiting for one.', () => threadsNow().waiting);
gauge('rare_keep_event_streams', 'Open screens that are told of changes.', streamsNow);

function gauge(name: string, help: string, now: () => number): void {
	new Gauge({
		name,
		help,
		registers: [registry],
		collect() {
			this.set(now());
		}
	});
}

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE']);

export function answered({ method, status, ms }: { method: string; status: number; ms: number }): void {
	answers.observe({ method: METHODS.has(method) ? method : 'other', status: String(status) }, ms / 1000);
}

export async function metricsText(): Promise<[string, ResponseInit]> {
	return [await registry.metrics(), { headers: { 'content-type': registry.contentType, 'cache-control': 'no-store' } }];
}
