import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';

const fieldsOf = (form: HTMLFormElement): HTMLInputElement[] =>
	[...form.elements].filter(
		(field): field is HTMLInputElement => field instanceof HTMLInputElement && field.type === 'text'
	);

/**
 * Sends a form without clearing it: what was typed stays where it is, refused or not. A refusal draws
 * the fields anew as they were sent; what was typed over them meanwhile is put back.
 */
export const keepTyped: SubmitFunction =
	() =>
	async ({ formElement, result, update }) => {
		const typed = fieldsOf(formElement).map((field) => ({ field, value: field.value }));
		await update({ reset: false });
		await tick();
		if (result.type === 'failure') for (const { field, value } of typed) field.value = value;
	};
