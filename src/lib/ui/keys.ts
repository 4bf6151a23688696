/** Which keys are a field's own. */

const WRITTEN_IN = 'input:not([type=radio], [type=checkbox], [type=file], [tabindex="-1"]), textarea';
const FIELD = 'input:not([type=radio], [type=checkbox]), select, textarea, [contenteditable]';

/** Whether a key goes into a field: it is a letter there, and no command. */
export function isInField(event: KeyboardEvent): boolean {
	return event.target instanceof Element && event.target.closest(FIELD) !== null;
}

/** The field after one, in its panel: Enter walks on. Behind the last the keys are commands again. */
export function walkOn(from: HTMLElement): void {
	const fields = [...(from.closest('form, section')?.querySelectorAll<HTMLElement>(WRITTEN_IN) ?? [])];
	const next = fields[fields.indexOf(from) + 1];
	if (next) next.focus();
	else from.blur();
}

/** One Esc leaves a field, and closes the list that hangs open from it: then the keys are commands. */
export function leaveByEscape(event: KeyboardEvent): void {
	if (event.key !== 'Escape' || !isInField(event)) return;
	const field = event.target as HTMLElement;
	// The list closes by the same press, and gives the field the focus again as it does.
	if (field.getAttribute('role') === 'combobox') requestAnimationFrame(() => requestAnimationFrame(() => field.blur()));
	else if (!event.defaultPrevented && field.getAttribute('aria-expanded') !== 'true') field.blur();
}
