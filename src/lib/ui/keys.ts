/** Which keys are a field's own. */

const FIELD = 'input:not([type=radio], [type=checkbox]), select, textarea, [contenteditable]';

/** Whether a key goes into a field: it is a letter there, and no command. */
export function isInField(event: KeyboardEvent): boolean {
	return event.target instanceof Element && event.target.closest(FIELD) !== null;
}

/** Esc leaves a field; a list that hangs open from it is closed first. */
export function leaveByEscape(event: KeyboardEvent): void {
	if (event.key !== 'Escape' || event.defaultPrevented || !isInField(event)) return;
	const field = event.target as HTMLElement;
	if (field.getAttribute('aria-expanded') !== 'true') field.blur();
}
