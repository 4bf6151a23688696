/** A miniature on ivory: a lady of nobody's likeness, with no face. */
import { oval, path, sheet } from './pen.js';

export function miniature() {
	const parts = [oval(32, 41, 32, 41, '#8e9a9c'), oval(32, 38, 26, 32, '#a6b0ae', 0.7)];
	parts.push(
		path('M4 82 Q8 60 24 56 L40 56 Q56 60 60 82 Z', { fill: '#33475a' }),
		path('M21 58 Q32 68 43 58 L41 53 H23 Z', { fill: '#eee6d8' }),
		path('M27 46 h10 v9 q-5 4 -10 0 Z', { fill: '#dcbfa5' })
	);
	parts.push(
		oval(32, 36, 10, 13, '#e3c7ad'),
		path('M21 40 Q18 20 32 19 Q46 20 43 40 Q42 29 32 26 Q22 29 21 40 Z', { fill: '#4a352a' }),
		oval(20.5, 39, 3, 5.5, '#4a352a'),
		oval(43.5, 39, 3, 5.5, '#4a352a'),
		oval(32, 17, 6, 4.5, '#4a352a')
	);
	parts.push(path('M20 60 q12 11 24 0', { stroke: '#cbb46a', width: 0.9 }), oval(32, 65.5, 1.7, 2.1, '#a04038'));
	return sheet(64, 82, '#e9e0cb', parts);
}
