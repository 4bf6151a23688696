/** Type as large as a card takes it. */

/**
 * Sets `--type` of a box, in points: the largest, in quarters, at which nothing of it is cut off.
 * @param most where it begins
 * @param least under which nobody reads it
 */
export function fillCard({ least, most }: { least: number; most: number }) {
	return (box: HTMLElement): void => {
		for (let points = most; points >= least; points -= 0.25) {
			box.style.setProperty('--type', `${points}pt`);
			if (box.scrollHeight <= box.clientHeight && box.scrollWidth <= box.clientWidth) return;
		}
	};
}
