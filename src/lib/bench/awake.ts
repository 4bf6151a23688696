/** The screen stays on while the bench is open; an instruction is said aloud by the browser's own voice. */

/** @returns what lets it sleep again */
export function keepAwake(): () => void {
	let lock: WakeLockSentinel | null = null;
	let over = false;
	const hold = async () => {
		if (over || document.visibilityState === 'hidden' || !('wakeLock' in navigator)) return;
		try {
			lock = await navigator.wakeLock.request('screen');
			if (over) await lock.release();
		} catch {
			// A battery that runs low refuses; the screen then sleeps as it does.
			lock = null;
		}
	};
	void hold();
	document.addEventListener('visibilitychange', hold);
	return () => {
		over = true;
		document.removeEventListener('visibilitychange', hold);
		void lock?.release();
		window.speechSynthesis?.cancel();
	};
}

export function say(words: string): void {
	const voice = window.speechSynthesis;
	if (!voice) return;
	voice.cancel();
	voice.speak(new SpeechSynthesisUtterance(words));
}

export const canSay = (): boolean => typeof window !== 'undefined' && 'speechSynthesis' in window;

export function asAway(waiting: number): string {
	const what = waiting === 1 ? 'one entry waiting' : `${waiting} entries waiting`;
	return `No connection to the server: entries are saved in this browser, ${what}. Go on.`;
}
