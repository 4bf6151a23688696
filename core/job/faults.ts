/** What is wrong with what was given: where, what, and what to do. The only error that core/ throws on purpose. */

export type Fault = { path: string; says: string };

export class FaultError extends Error {
	readonly faults: Fault[];
	constructor(faults: Fault[]) {
		super(faults.map((fault) => `${fault.path}: ${fault.says}`).join('\n'));
		this.name = 'FaultError';
		this.faults = faults;
	}
}

/** `fail('window.overlap', 'This leaves no window.')` */
export function fail(path: string, says: string): never {
	throw new FaultError([{ path, says }]);
}
