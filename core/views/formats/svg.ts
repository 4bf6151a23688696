/** Scene → SVG, in mm, true to scale: the same picture that the screen shows. */
import { printable } from '../../units/printable.ts';
import { placeCallouts, placeDimensions, type PlacedDimension } from '../drawing/dimensions.ts';
import { HATCHES, INK, LOOKS } from '../drawing/style.ts';
import type { Point } from '../../geometry/shapes.ts';
import type { Unit } from '../../units/length.ts';
import { showLength, type Reader } from '../../units/show.ts';
import type { Callout, Dimension, Label, Scene, Shape } from '../../figures/scene.ts';
import { nth } from '../../units/there.ts';

export type SvgOptions = {
	reader: Unit | Reader;
	/** Height of labels, mm of the scene. */
	textHeight: number;
	/** Where a kept picture is found, by its sum: an address or a data URL; only those are let through. */
	pictureAt?: (sum: string) => string | null;
};

/** @returns an SVG document whose width and height are the scene's millimetres */
export function sceneToSvg(scene: Scene, options: SvgOptions): string {
	const { placed, box } = placeDimensions(scene, options.textHeight, (dimension) => written(dimension, options.reader));
	const rows = placeCallouts(scene, options.textHeight);
	const column = scene.callouts.length === 0 ? 0 : calloutWidth(scene, options.textHeight);
	const rowsTop = Math.min(box.top, ...rows.map(({ row }) => row - options.textHeight));
	const rowsBottom = Math.max(box.top + box.height, ...rows.map(({ row }) => row + options.textHeight));
	const [width, height] = [box.width + column, rowsBottom - rowsTop];
	const parts = [
		`<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}mm" height="${round(height)}mm" viewBox="${round(box.left)} ${round(rowsTop)} ${round(width)} ${round(height)}" font-family="sans-serif" font-size="${round(options.textHeight)}">`,
		`<title>${escape(scene.title)}</title>`,
		`<desc>${escape(describe(scene, options.reader))}</desc>`,
		hatches(scene),
		...shapes(scene, options),
		...placed.map((dimension) => dimensionSvg(dimension, options.textHeight)),
		...scene.callouts.map((callout, index) => {
			const { row } = nth(rows, index);
			const x = box.left + box.width + options.textHeight * 1.5;
			const line = `<path d="M${round(callout.to.x)} ${round(callout.to.y)} L${round(x - options.textHeight * 0.5)} ${round(row)}" fill="none" stroke="${LOOKS.leader.stroke}" stroke-width="${options.textHeight * 0.06}"/>`;
			return `${line}<text x="${round(x)}" y="${round(row + options.textHeight * 0.35)}" fill="${INK}">${escape(`${calloutLength(callout, options.reader)}  ${callout.name}`)}</text>`;
		}),
		...(scene.labels ?? []).map((label) => labelSvg(label, options.textHeight)),
		'</svg>'
	];
	return parts.join('\n');
}

/** In the middle of its place, along its longer side; smaller where it would not go in. */
function labelSvg({ name, detail, place }: Label, textHeight: number): string {
	const text = [name, detail].filter(Boolean).join(' ');
	const stands = place.height > place.width * 1.2;
	const [long, narrow] = stands ? [place.height, place.width] : [place.width, place.height];
	const size = Math.min(textHeight, narrow * 0.7, long / (text.length * LETTER_WIDE));
	if (size <= 0) return '';
	const [x, y] = [place.left + place.width / 2, place.top + place.height / 2];
	const turn = stands ? ` transform="rotate(-90 ${round(x)} ${round(y)})"` : '';
	return `<text x="${round(x)}" y="${round(y)}" font-size="${round(size)}" text-anchor="middle" dominant-baseline="central" fill="${INK}"${turn}>${escape(text)}</text>`;
}
/** Of its height. */
const LETTER_WIDE = 0.55;

/** The figures of a drawing in words: for screen readers, and as the file's description. */
export function describe(scene: Scene, reader: Unit | Reader): string {
	const figures = scene.dimensions.map((dimension) => `${dimension.name} ${written(dimension, reader)}`);
	const layers = scene.callouts.map((callout) => `${callout.name} ${calloutLength(callout, reader)}`);
	return [
		scene.sketch ? `${scene.title}.` : `${scene.title}, in ${typeof reader === 'string' ? reader : reader.unit}.`,
		figures.length ? `${figures.join('; ')}.` : '',
		layers.length ? `From the front: ${layers.join('; ')}.` : '',
		scene.notToScale ?? ''
	]
		.filter(Boolean)
		.join(' ');
}

export function written(dimension: Dimension, reader: Unit | Reader): string {
	return showLength(dimension.value, reader, dimension.look).text;
}

/** The path of a shape's rings. */
export function pathOf(rings: Point[][], open = false): string {
	return rings
		.map((points) => `M${points.map((point) => `${round(point.x)} ${round(point.y)}`).join(' L')}${open ? '' : ' Z'}`)
		.join(' ');
}

function shapes(scene: Scene, { pictureAt }: SvgOptions): string[] {
	const drawn: string[] = [];
	for (const [index, shape] of scene.shapes.entries()) {
		drawn.push(shapeSvg(shape));
		const address = shape.picture && pictureAt?.(shape.picture.sum);
		if (shape.picture && address && isOwnPicture(address)) {
			const { place, clip } = shape.picture;
			drawn.push(`<clipPath id="window-${index}"><path d="${pathOf([clip])}"/></clipPath>`);
			drawn.push(
				`<image href="${escape(address)}" x="${round(place.left)}" y="${round(place.top)}" width="${round(place.width)}" height="${round(place.height)}" preserveAspectRatio="none" clip-path="url(#window-${index})"/>`
			);
		}
	}
	return drawn;
}

function isOwnPicture(address: string): boolean {
	return (
		/^\/api\/pictures\/[0-9a-f]{64}$/.test(address) || /^data:image\/(png|jpeg|svg\+xml);base64,[A-Za-z0-9+/=]+$/.test(address)
	);
}

function shapeSvg(shape: Shape): string {
	const look = LOOKS[shape.role];
	const fill = shape.open ? 'none' : (shape.fill ?? look.fill ?? 'none');
	const paint = `fill="${fill}" fill-rule="evenodd" stroke="${look.stroke ?? 'none'}" stroke-width="${look.width ?? 0}" vector-effect="non-scaling-stroke"${look.dash ? ` stroke-dasharray="${look.dash}"` : ''}${look.opacity ? ` opacity="${look.opacity}"` : ''}`;
	const title = shape.title ? `<title>${escape(shape.title)}</title>` : '';
	if (shape.circle)
		return `<circle cx="${round(shape.circle.x)}" cy="${round(shape.circle.y)}" r="${round(shape.circle.radius)}" ${paint}>${title}</circle>`;
	const d = pathOf(shape.rings ?? [], shape.open);
	const base = `<path d="${d}" ${paint}>${title}</path>`;
	return shape.hatch ? `${base}<path d="${d}" fill="url(#hatch-${shape.hatch})" fill-rule="evenodd"/>` : base;
}

function hatches(scene: Scene): string {
	const used = new Set(scene.shapes.flatMap((shape) => shape.hatch ?? []));
	const patterns = [...used].map((name) => {
		const { tile, path, stroke } = HATCHES[name];
		return `<pattern id="hatch-${name}" width="${tile}" height="${tile}" patternUnits="userSpaceOnUse" patternTransform="scale(0.35)"><path d="${path}" fill="none" stroke="${stroke}" stroke-width="0.6"/></pattern>`;
	});
	return patterns.length > 0 ? `<defs>${patterns.join('')}</defs>` : '';
}

/** The line, its end ticks, the extension lines and the label of one dimension. */
export function dimensionPath(dimension: PlacedDimension, textHeight: number): string {
	const tick = textHeight * 0.28;
	const beyond = textHeight * 0.35;
	const upright = dimension.side === 'left' || dimension.side === 'right';
	const point = (along: number, across: number) =>
		upright ? `${round(across)} ${round(along)}` : `${round(along)} ${round(across)}`;
	const outward = dimension.side === 'top' || dimension.side === 'left' ? -1 : 1;
	const ends = [dimension.from, dimension.to].map(
		(end) =>
			`M${point(end, dimension.at + outward * beyond)} L${point(end, dimension.line + outward * beyond)} M${point(end - tick, dimension.line + tick)} L${point(end + tick, dimension.line - tick)}`
	);
	// A label that stands beside a short line stands on the line's end, drawn out.
	const { label, labelAt } = dimension;
	const half = (upright ? label.height : label.width) / 2;
	const [first, last] =
		labelAt > dimension.to || labelAt < dimension.from ? [labelAt - half, labelAt + half] : [labelAt, labelAt];
	const [from, to] = [Math.min(dimension.from, first), Math.max(dimension.to, last)];
	return `M${point(from, dimension.line)} L${point(to, dimension.line)} ${ends.join(' ')}`;
}

function dimensionSvg(dimension: PlacedDimension, textHeight: number): string {
	const upright = dimension.side === 'left' || dimension.side === 'right';
	const baseline = dimension.line - textHeight * 0.3;
	const place = upright
		? `transform="translate(${round(baseline)} ${round(dimension.labelAt)}) rotate(-90)"`
		: `x="${round(dimension.labelAt)}" y="${round(baseline)}"`;
	return `<path d="${dimensionPath(dimension, textHeight)}" fill="none" stroke="${INK}" stroke-width="0.7" vector-effect="non-scaling-stroke"/><text ${place} text-anchor="middle" fill="${INK}"><title>${escape(dimension.name)}</title>${escape(dimension.text)}</text>`;
}

/** A callout's length, as every screen, paper and file writes it. */
export function calloutLength({ value, look }: Callout, reads: Unit | Reader): string {
	return showLength(value, reads, look ?? 'fine').text;
}

function calloutWidth(scene: Scene, textHeight: number): number {
	return Math.max(...scene.callouts.map((callout) => callout.name.length + 8)) * textHeight * 0.52 + textHeight * 2;
}

function escape(text: string): string {
	return printable(text).replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
}

function round(value: number): string {
	// To a thousandth; as a number, since this is called for every point of every stroke.
	return String(Math.floor(value * 1000 + 0.5) / 1000);
}
