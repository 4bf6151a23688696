/** What each kind of hold is called: where it is chosen, on papers, on the label, in the strip of stations. */
import type { HoldKind } from '../../job/decide-hold.ts';

type Names = { /** Where it is chosen. */ choice: string; paper: string; label: string };

export const HOLD_NAMES: Record<HoldKind, Names> = {
	't-hinge': { choice: 'T-hinge, behind the mat', paper: 'T-hinges', label: 'T-hinges' },
	'v-hinge': { choice: 'V-hinge, folded behind the sheet', paper: 'V-hinges', label: 'V-hinges' },
	'pass-through': { choice: 'Pass-through, in a slit of the board', paper: 'Pass-through hinges', label: 'pass-through hinges' },
	corners: { choice: 'Corner pockets', paper: 'Corner pockets', label: 'corner pockets' },
	strips: { choice: 'Edge strips', paper: 'Edge strips', label: 'edge strips' },
	sling: { choice: 'Sling', paper: 'Sling', label: 'a sling' },
	'frame-lip': { choice: 'The frame’s lip', paper: 'Held by the frame’s lip', label: 'the frame’s lip' },
	clips: { choice: 'Clips at its edges', paper: 'Clips at its edges', label: 'clips' },
	stitching: { choice: 'Stitched on a covered board', paper: 'Stitched on a covered board', label: 'stitches' },
	conservator: { choice: 'A conservator’s choice', paper: 'As the conservator chooses', label: 'the conservator’s choice' },
	'whole-surface': { choice: 'Stuck down whole', paper: 'Stuck down whole', label: 'stuck down whole' }
};
