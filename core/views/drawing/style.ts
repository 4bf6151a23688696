/** How each role is drawn: one table for the screen, the print and the files. Widths are in mm of paper at 1:1 of the view. */
import type { Hatch, Role } from '../../figures/scene.ts';

export type Look = { fill?: string; stroke?: string; width?: number; dash?: string; opacity?: number };

export const INK = '#20343f';

export const LOOKS: Readonly<Record<Role, Look>> = {
	moulding: { stroke: '#4c3b27', width: 1 },
	'moulding-edge': { stroke: '#4c3b27', width: 0.8, opacity: 0.55 },
	mat: { stroke: '#8d8674', width: 0.6 },
	bevel: { stroke: '#a39d8d', width: 0.6 },
	'bevel-reverse': { stroke: '#a39d8d', width: 0.6 },
	'under-mat': { stroke: '#b9ad8c', width: 0.5 },
	support: { stroke: '#7b848a', width: 0.8, dash: '2 3' },
	'bevel-line': {},
	wall: {},
	shadow: { fill: '#14222b', opacity: 0.16 },
	usable: { stroke: '#1f6b5e', width: 1.2, dash: '7 3' },
	image: { stroke: '#7b848a', width: 0.9 },
	diagonal: { stroke: '#9aa1a5', width: 0.7, dash: '1 3' },
	sheet: { stroke: '#b9ad8c', width: 0.6 },
	'sheet-edge': { stroke: '#3f4b63', width: 1.1, dash: '5 3' },
	pack: { stroke: INK, width: 1, dash: '2 2' },
	backing: { fill: '#e7e4da', stroke: '#8d8674', width: 0.8 },
	tape: { fill: '#c9b48a', stroke: '#7c6a43', width: 1.2, opacity: 0.75 },
	'edge-seal': { stroke: '#6b7783', width: 1.8 },
	point: { stroke: '#30373c', width: 1.6 },
	ring: { fill: '#f5f4f1', stroke: INK, width: 1.6 },
	wire: { stroke: INK, width: 1.6 },
	hook: { fill: INK, stroke: INK, width: 1 },
	bumper: { fill: '#6b6f70', stroke: '#33383b', width: 0.8 },
	hinge: { fill: '#ffffff', stroke: '#1f6b5e', width: 1, dash: '3 2', opacity: 0.8 },
	stitch: { stroke: '#1f6b5e', width: 1.2, dash: '4 3' },
	clip: { fill: '#d3d7d9', stroke: '#30373c', width: 1, opacity: 0.9 },
	strip: { stroke: '#6d5330', width: 0.9 },
	part: { stroke: INK, width: 0.9 },
	'part-window': { stroke: INK, width: 0.9 },
	'zone-show': { stroke: '#1f6b5e', width: 1.6 },
	'zone-hide': { stroke: '#9c2f2b', width: 1.6, dash: '2 2' },
	'zone-keep-off': { stroke: '#a86d12', width: 1.6, dash: '6 2 1 2' },
	layer: { stroke: '#4d565b', width: 0.7 },
	'layer-faulty': { stroke: '#9c2f2b', width: 1.8 },
	break: { stroke: INK, width: 0.8 },
	leader: { stroke: '#7b848a', width: 0.6 },
	plate: { fill: '#cdb67a', stroke: '#5a4a22', width: 0.9 },
	writing: { stroke: '#4d565b', width: 1.1, dash: '4 2' },
	'cut-sheet': { fill: '#d9d6cd', stroke: INK, width: 1.2 },
	blank: { fill: '#fbfaf7', stroke: INK, width: 1 },
	offcut: { fill: '#eceae4', stroke: '#5b656b', width: 0.9, dash: '5 3' },
	'cut-line': { stroke: '#1f6b5e', width: 1.4 },
	trim: { stroke: '#8a5a1f', width: 1.2, dash: '6 3' },
	'cut-made': { stroke: '#8d979c', width: 1, dash: '2 3' },
	lies: { stroke: '#50677c', width: 3 },
	blade: { fill: '#0f5f52', stroke: '#0b4239', width: 1 },
	sleeve: { fill: '#f5f4f1', stroke: '#5b656b', width: 0.9, dash: '5 2', opacity: 0.85 }
};

/** A hatch as a tile: its side in units, and the path drawn in it. */
export const HATCHES: Readonly<Record<Hatch, { tile: number; path: string; stroke: string }>> = {
	wood: { tile: 7, path: 'M0 5 Q3 3 7 5 M0 1.5 Q4 3 7 1.5', stroke: '#6d5330' },
	glass: { tile: 6, path: 'M0 6 L6 0', stroke: '#6f8f9c' },
	acrylic: { tile: 8, path: 'M0 8 L8 0 M2 8 L8 2', stroke: '#6f8f9c' },
	board: { tile: 5, path: 'M0 2.5 H5', stroke: '#b3ab98' },
	pulp: { tile: 5, path: 'M0 5 L5 0 M0 0 L5 5', stroke: '#9b8f77' },
	foam: { tile: 5, path: 'M1 1 h0.8 M3.4 3.4 h0.8', stroke: '#85806f' },
	plastic: { tile: 6, path: 'M3 0 V6', stroke: '#8c979c' },
	metal: { tile: 3, path: 'M0 3 L3 0', stroke: '#5b656b' },
	film: { tile: 4, path: 'M0 2 H2', stroke: '#5b656b' },
	paper: { tile: 6, path: 'M0 3 H1', stroke: '#b5a67c' }
};
