/** Scene → DXF, in mm, true to scale: what CAD programs and computer-driven cutters read. y runs up there. */
import { DxfWriter, LWPolylineFlags, Units } from '@tarikjabiri/dxf';
import { LOOKS } from '../drawing/style.ts';
import type { Point } from '../../geometry/shapes.ts';
import { showNearest } from '../../units/round.ts';
import type { Scene, Shape } from '../../figures/scene.ts';

/** The reader's own colour for what stands on a light or a dark ground. */
const FOREGROUND = 7;

/**
 * @returns a DXF document: closed polylines for rings, open ones for lines, circles; one layer for each name, a role's where a shape
 * has none of its own. Fills, pictures, dimensions and text are left out.
 */
export function sceneToDxf(scene: Scene): string {
	const dxf = new DxfWriter();
	dxf.setUnits(Units.Millimeters);
	const layers = new Set<string>();
	const layerOf = (shape: Shape) => {
		const name = layerName(shape.layer ?? shape.role);
		if (!layers.has(name)) {
			dxf.addLayer(name, FOREGROUND, 'CONTINUOUS');
			layers.add(name);
		}
		return name;
	};
	const bottom = scene.box.top + scene.box.height;
	const turned = ({ x, y }: Point) => ({ x: exact(x - scene.box.left), y: exact(bottom - y) });
	for (const shape of scene.shapes) {
		if (!isDrawn(shape)) continue;
		const layer = { layerName: layerOf(shape) };
		if (shape.circle) {
			const { x, y } = turned(shape.circle);
			dxf.addCircle({ x, y, z: 0 }, exact(shape.circle.radius), layer);
		}
		for (const ring of shape.rings ?? [])
			dxf.addLWPolyline(
				ring.map((point) => ({ point: turned(point) })),
				{ ...layer, flags: shape.open ? LWPolylineFlags.None : LWPolylineFlags.Closed }
			);
	}
	return dxf.stringify();
}

/** What is a shade alone has no edge. */
function isDrawn({ role }: Shape): boolean {
	return LOOKS[role].stroke !== undefined;
}

/** Layer names may hold no < > / \ " : ; ? * | = `, no line ends, and are bounded; every layer has one. */
function layerName(name: string): string {
	const plain = name.replace(/[<>/\\":;?*|=`\s]+/g, ' ').trim();
	return [...plain].slice(0, 80).join('') || 'layer';
}

/** To a thousandth of a millimetre. */
function exact(mm: number): number {
	return showNearest(mm, 0.001);
}
