import type { SubmitFunction } from '@sveltejs/kit';

/** Sends a form without clearing it: what was typed stays where it is, refused or not. */
export const keepTyped: SubmitFunction =
	() =>
	({ update }) =>
		update({ reset: false });
