type Field = HTMLInputElement | HTMLSelectElement;

/** What was done in a field: by its name, and among choices by the one that was taken. */
interface Done {
	readonly name: string;
	readonly value: string;
	readonly isChoice: boolean;
	readonly isChanged: boolean;
	readonly isFocused: boolean;
}

const fieldsIn = (root: ParentNode): Field[] => [
	...root.querySelectorAll<Field>('input[name], select[name]')
];
const isChoice = (field: Field): boolean => field.type === 'radio' || field.type === 'checkbox';

function isChanged(field: Field): boolean {
	if (field instanceof HTMLSelectElement)
		return field.selectedOptions[0]?.defaultSelected === false;
	if (!isChoice(field)) return field.value !== field.defaultValue;
	return field.checked !== field.defaultChecked && (field.checked || field.type === 'checkbox');
}

/** What was done in fields whose code was not there yet. */
export const doneIn = (root: ParentNode): Done[] =>
	fieldsIn(root)
		.map((field) => ({
			name: field.name,
			value: field.value,
			isChoice: isChoice(field),
			isChanged: isChanged(field),
			isFocused: field === document.activeElement
		}))
		.filter(({ isChanged, isFocused }) => isChanged || isFocused);

/** Does it again in the ones that have come alive: what was typed is typed, what was chosen is chosen. */
export function redo(done: readonly Done[], root: ParentNode): void {
	for (const { name, value, isChoice: isTaken, isChanged, isFocused } of done) {
		const twin = fieldsIn(root).find(
			(field) => field.name === name && (!isTaken || field.value === value)
		);
		if (!twin) continue;
		if (isChanged && isTaken) twin.click();
		else if (isChanged) {
			twin.value = value;
			twin.dispatchEvent(new Event('input', { bubbles: true }));
			twin.dispatchEvent(new Event('change', { bubbles: true }));
		}
		if (isFocused) twin.focus();
	}
}
