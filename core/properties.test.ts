import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { SIDES } from './geometry/shapes.ts';
import type { JobFile } from './job/definition.ts';
import { anyJob, planSingle, type SinglePlan } from '../tests/jobs.ts';
import { runs } from '../tests/thorough.ts';

const near = (value: number, wanted: number, within = 0.005) =>
	assert.ok(Math.abs(value - wanted) <= within, `${value} is not ${wanted}`);

/** Cut figures add up as a tape adds them, and pack + clearance is the rabbet’s depth. */
function addsUp({ window, frame, pack, measure }: SinglePlan, file: JobFile): void {
	const step = file.unit === 'in' ? 25.4 / 16 : 0.5;
	const isStep = (mm: number) => near(mm / step, Math.round(mm / step), 1e-6);
	for (const mat of window!.mats) {
		near(mat.border.left + mat.opening.width + mat.border.right, window!.pack.width, 1e-6);
		near(mat.border.top + mat.opening.height + mat.border.bottom, window!.pack.height, 1e-6);
		// A metal section's pairs come in their own steps: what is left over stands at the right and bottom.
		for (const side of SIDES) if (!frame!.kit || side === 'left' || side === 'top') isStep(mat.border[side]);
		isStep(mat.opening.width);
	}
	near(window!.overlap.left + window!.opening.width + window!.overlap.right, measure!.usable.width, 1e-6);
	near(frame!.rabbet.width - frame!.allowance.width, window!.pack.width, 1e-6);
	isStep(frame!.rabbet.height);
	const seen = window!.mats[0]!.seen!;
	near(seen.left + window!.mats[0]!.opening.width + seen.right, frame!.sight.width, 1e-6);
	near(seen.top + window!.mats[0]!.opening.height + seen.bottom, frame!.sight.height, 1e-6);
	near(
		pack!.thickness + pack!.clearance!,
		frame!.section.rabbetDepth + (file.frame?.deepen === undefined ? 0 : Number(file.frame.deepen)),
		1e-9
	);
}

/** Shifted within the free range, by shares of it, no edge of the sheet shows. */
function staysHidden({ window, measure }: SinglePlan, across: number, down: number): void {
	const box = measure!.outline.reduce((low, corner) => ({ x: Math.min(low.x, corner.x), y: Math.min(low.y, corner.y) }), {
		x: Infinity,
		y: Infinity
	});
	const shift = {
		x: window!.placement.left - box.x + across * window!.free.width,
		y: window!.placement.top - box.y + down * window!.free.height
	};
	const corners = measure!.outline.map((corner) => ({ x: corner.x + shift.x, y: corner.y + shift.y }));
	const border = window!.mats.at(-1)!.border;
	const [left, top] = [border.left, border.top];
	const [right, bottom] = [left + window!.opening.width, top + window!.opening.height];
	for (const [x, y] of [
		[left, top],
		[right, top],
		[right, bottom],
		[left, bottom]
	] as const) {
		for (const [index, from] of corners.entries()) {
			const to = corners[(index + 1) % 4]!;
			const inside = ((to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x)) / Math.hypot(to.x - from.x, to.y - from.y);
			// A sheet within half a millimetre of square is taken as square.
			assert.ok(inside >= (measure!.share === null ? -0.5 : -1e-3), `the window’s corner ${x}, ${y} lies off the sheet`);
		}
	}
}

test('property: over 1 000 jobs, figures add up as a tape adds them, and no edge shows within the free range', () => {
	const share = fc.double({ min: -1, max: 1, noNaN: true });
	fc.assert(
		fc.property(anyJob, share, share, (file, across, down) => {
			const made = planSingle(file);
			addsUp(made, file);
			staysHidden(made, across, down);
		}),
		{ numRuns: runs(1000) }
	);
});
