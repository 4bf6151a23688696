/** A print from a block in three colours: three boat sheds above the tide. */
import { path, rect, sheet, words } from './pen.js';

export function boatSheds() {
	const parts = [
		rect(26, 26, 238, 290, '#c9d3cb'),
		path('M26 150 L80 120 L140 140 L200 108 L264 134 V210 H26 Z', { fill: '#8fa097' })
	];
	for (const [x, wall] of [
		[36, '#a5493b'],
		[112, '#2f4146'],
		[188, '#a5493b']
	])
		parts.push(
			path(`M${x} 242 V172 L${x + 34} 136 L${x + 68} 172 V242 Z`, { fill: wall }),
			path(`M${x - 5} 174 L${x + 34} 132 L${x + 73} 174`, { stroke: '#23302f', width: 5 }),
			rect(x + 16, 184, 36, 58, '#1d2827'),
			path(`M${x + 34} 184 V242 M${x + 16} 212 h36`, { stroke: '#c9d3cb', width: 1.2 }),
			path(`M${x + 20} 242 L${x + 8} 316 H${x + 46} L${x + 50} 242 Z`, { fill: '#d9c38d' })
		);
	for (let plank = 0; plank < 8; plank += 1)
		parts.push(path(`M26 ${250 + plank * 9} H264`, { stroke: '#23302f', width: 0.9, opacity: 0.5 }));
	parts.push(
		path('M26 296 q30 -10 60 0 t60 0 t60 0 t58 0 V316 H26 Z', { fill: '#5f8087' }),
		path('M96 278 q26 14 58 0 l-9 14 h-40 Z', { fill: '#23302f' })
	);
	parts.push(
		words('boat sheds', 30, 336, 11, { italic: true }),
		words('7/40', 145, 336, 11, { middle: true, italic: true }),
		words('E. M.', 240, 336, 11, { italic: true })
	);
	return sheet(290, 380, '#efe8d7', parts);
}
