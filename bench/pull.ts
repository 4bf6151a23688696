/** What a page does to pull an edge of the drawing by itself, a move a frame. */

export const FRAMES = 240;

/** Moves by itself: a pointer that no mouse holds can't be captured, so capturing is left out. */
export const PULL = `
	const [handle, frames, kind, ...more] = arguments;
	const done = more.at(-1);
	// How far it is pulled to either side, px.
	const reach = more.length > 1 ? more[0] : 14;
	Element.prototype.setPointerCapture = () => {};
	const box = handle.getBoundingClientRect();
	const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
	const point = (type, dx) => handle.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, pointerType: kind, button: 0, clientX: x + dx, clientY: y }));
	const drawing = document.querySelector('figure svg');
	const work = [], apart = [];
	const hand = handle.ownerSVGElement;
	const shown = () => hand.textContent + (handle.getAttribute('transform') ?? '');
	let changes = 0, seen = shown();
	(async () => {
		point('pointerdown', 0);
		let last = 0;
		for (let frame = 0; frame < frames; frame += 1) {
			let began = 0;
			requestAnimationFrame(() => (began = performance.now()));
			point('pointermove', reach * Math.sin(frame / 12));
			await new Promise((resolve) => {
				// The move's own callback was registered between the two: they enclose the plan, the drawing and its layout.
				requestAnimationFrame((time) => {
					drawing.getBoundingClientRect();
					work.push(performance.now() - began);
					if (last) apart.push(time - last);
					last = time;
					if (shown() !== seen) { changes += 1; seen = shown(); }
					resolve();
				});
			});
		}
		point('pointerup', 0);
		if (changes < frames / 4) throw new Error('The drawing hardly changed: ' + changes);
		done([work, apart]);
	})().catch((error) => done(String(error)));
`;
