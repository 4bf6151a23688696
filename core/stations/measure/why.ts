import type { Piece } from '../../job/decide-piece.ts';
import { explainer, onAxes, type Why } from '../../rule/why.ts';
import { SIDES } from '../../geometry/shapes.ts';
import { growthName } from './movement.ts';
import type { Measure } from '../../figures/measure.ts';
import { there } from '../../units/there.ts';

/** Explains every figure of Measure and of the sheet's movement. */
export function whyMeasure(why: Why, measure: Measure, piece: Piece): void {
	const explain = explainer(why);
	const readings = 'job.piece.readings';
	explain('measure.mean.width', `(${readings}.top + ${readings}.bottom) / 2`, 'measure#readings');
	explain('measure.mean.height', `(${readings}.left + ${readings}.right) / 2`, 'measure#readings');
	explain('measure.diagonals.d1', `firstDiagonal(${readings})`, 'measure#outline');
	explain('measure.diagonals.d2', `otherDiagonal(${readings}, measure.diagonals.d1)`, 'measure#outline');
	for (let corner = 0; corner < 4; corner += 1) {
		explain(`measure.outline[${corner}].x`, `cornerX(${readings}, measure.diagonals.d1, ${corner})`, 'measure#outline');
		explain(`measure.outline[${corner}].y`, `cornerY(${readings}, measure.diagonals.d1, ${corner})`, 'measure#outline');
	}
	const read = there(piece.readings, 'readings');
	const [d1, d2] = (['d1', 'd2'] as const).map((name) =>
		read[name] === undefined ? `measure.diagonals.${name}` : `${readings}.${name}`
	);
	explain(
		'measure.lean',
		measure.leanTakenAsZero ? '0' : `(${d1} * ${d1} - ${d2} * ${d2}) / (4 * measure.mean.width)`,
		'measure#lean'
	);
	explain(
		'measure.misfit',
		read.d1 !== undefined && read.d2 !== undefined ? `abs(measure.diagonals.d1 - ${readings}.d1)` : '0',
		'measure#misfit'
	);
	const all = (axis: 'x' | 'y') => [0, 1, 2, 3].map((corner) => `measure.outline[${corner}].${axis}`).join(', ');
	explain('measure.largest.width', `max(${all('x')}) - min(${all('x')})`, 'measure#usable');
	explain('measure.largest.height', `max(${all('y')}) - min(${all('y')})`, 'measure#usable');
	if (measure.share !== null) {
		explain('measure.share', `min(${[0, 1, 2, 3].map(shareOfEdge).join(', ')})`, 'measure#usable');
		onAxes((axis) => explain(`measure.usable.${axis}`, `measure.share * measure.mean.${axis}`, 'measure#usable'));
	} else {
		explain('measure.usable.width', `min(${readings}.top, ${readings}.bottom)`, 'measure#usable');
		explain('measure.usable.height', `min(${readings}.left, ${readings}.right)`, 'measure#usable');
	}
	explain('measure.usable.left', `-(measure.usable.width / 2) - min(${all('x')})`, 'measure#usable');
	explain('measure.usable.top', `-(measure.usable.height / 2) - min(${all('y')})`, 'measure#usable');
	const beyond = {
		top: `-(min(${all('y')}))`,
		bottom: `max(${all('y')})`,
		left: `-(min(${all('x')}))`,
		right: `max(${all('x')})`
	};
	for (const side of SIDES) {
		const axis = side === 'left' || side === 'right' ? 'width' : 'height';
		explain(`measure.loses.${side}`, `max(0, ${beyond[side]} - measure.usable.${axis} / 2)`, 'measure#usable');
	}
	onAxes((axis) =>
		explain(
			`movement.${axis}`,
			`measure.mean.${axis} * shop.house.${growthName(piece, axis)} * shop.house.swingRh / 10`,
			'measure#movement'
		)
	);
}

function shareOfEdge(corner: number): string {
	const [from, to] = [`measure.outline[${corner}]`, `measure.outline[${(corner + 1) % 4}]`];
	const cross = `(${from}.x * ${to}.y - ${to}.x * ${from}.y)`;
	return `${cross} / (abs(${to}.y - ${from}.y) * measure.mean.width / 2 + abs(${to}.x - ${from}.x) * measure.mean.height / 2)`;
}
