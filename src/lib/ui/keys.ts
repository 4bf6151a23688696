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

/** Esc leaves a field. */
export function leaveByEscape(event: KeyboardEvent): void {
	if (event.key !== 'Escape' || event.defaultPrevented || !isInField(event)) return;
	const field = event.target as HTMLElement;
	if (field.getAttribute('aria-expanded') !== 'true') field.blur();
}

/** The same press that closes a list leaves its field; heard on its way down, since the list keeps it to itself. */
export function leaveListByEscape(event: KeyboardEvent): void {
	const field = event.target;
	if (event.key !== 'Escape' || !(field instanceof HTMLInputElement) || field.getAttribute('role') !== 'combobox') return;
	// As it closes the list gives its field the focus once more.
	requestAnimationFrame(() => requestAnimationFrame(() => field.blur()));
}
