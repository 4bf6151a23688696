/** Sizes by which frames are bought (handbook window#fit). A bought frame is named by the pack that it takes: its allowance is inside. */
import { MM_PER_INCH } from '../units/length.ts';

export type PackSize = { id: string; name: string; list: 'inch' | 'centimetre' | 'a-size'; width: number; height: number };

const INCHES = [
	[8, 10],
	[11, 14],
	[12, 16],
	[16, 20],
	[18, 24],
	[20, 24],
	[22, 28],
	[24, 30],
	[24, 36],
	[30, 40]
] as const;

const CENTIMETRES = [
	[18, 24],
	[20, 30],
	[24, 30],
	[30, 40],
	[40, 50],
	[50, 70],
	[60, 80],
	[70, 100]
] as const;

export const PACK_SIZES: readonly PackSize[] = [
	...INCHES.map(([width, height]): PackSize => ({
		id: `${width}x${height}-in`,
		name: `${width} × ${height} in`,
		list: 'inch',
		width: width * MM_PER_INCH,
		height: height * MM_PER_INCH
	})),
	...CENTIMETRES.map(([width, height]): PackSize => ({
		id: `${width}x${height}-cm`,
		name: `${width} × ${height} cm`,
		list: 'centimetre',
		width: width * 10,
		height: height * 10
	})),
	{ id: 'a4', name: 'A4', list: 'a-size', width: 210, height: 297 },
	{ id: 'a3', name: 'A3', list: 'a-size', width: 297, height: 420 },
	{ id: 'a2', name: 'A2', list: 'a-size', width: 420, height: 594 }
];
