/** How the laboratory's charts look: quiet, and told apart without colour. */

export const INK = '#1f2a30';
export const QUIET = '#50585c';
export const GRID = '#cfcdc8';
export const ACCENT = '#1f6b5e';
export const FONT = "'Source Sans 3 Variable', 'Source Sans 3', sans-serif";

/** Strokes of a chart's lines, in the order in which they are drawn: colour, dash and width all differ. */
export const STROKES = [
	{ color: ACCENT, type: 'solid', width: 2.4 },
	{ color: INK, type: [7, 4], width: 2 },
	{ color: '#6d4c35', type: [2, 3], width: 2 },
	{ color: '#5a6b7b', type: [9, 3, 2, 3], width: 2 }
] as const;

export const TEXT = { fontFamily: FONT, color: INK, fontSize: 13 };
export const AXIS = {
	axisLine: { lineStyle: { color: '#85847f' } },
	axisTick: { show: false },
	axisLabel: { ...TEXT, color: QUIET, fontSize: 12.5 },
	splitLine: { lineStyle: { color: GRID } },
	nameTextStyle: { ...TEXT, color: QUIET, fontSize: 12.5 }
};

export type Drawn = {
	/** An ECharts option. */
	option: Record<string, unknown>;
	head: string[];
	rows: string[][];
	/** What of the rows is shown as a table, where there are thousands; the file has all. */
	brief?: string[][];
};
