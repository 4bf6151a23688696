/** The views of a job's drawing, in the order in which `[` and `]` go through them. */
export const VIEW_NAMES = ['sheet', 'front', 'corner', 'section', 'back', 'all', 'wall', 'compare', 'layers', 'cut'] as const;
export type ViewName = (typeof VIEW_NAMES)[number];
