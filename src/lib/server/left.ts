/** Who asked and went away before the answer: what is computed for nobody ends. */

const asking = new Map<string, AbortController>();

/**
 * @param id of the request, as it is written down
 * @returns what is told when whoever asked has gone, and `done` for when it is answered
 */
export function leftBy(id: string | null): { left: AbortSignal; done: () => void } {
	const controller = new AbortController();
	if (id === null) return { left: controller.signal, done: () => {} };
	asking.set(id, controller);
	return { left: controller.signal, done: () => asking.delete(id) };
}

/** The connection of a request is closed, whether it was answered or not. */
export function connectionClosed(id: string): void {
	asking.get(id)?.abort();
	asking.delete(id);
}
