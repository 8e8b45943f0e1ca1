import type { Typed } from './form-reader';

/** The type under which a form of a page lies on the shelf: it goes to its own address, not among the entries. */
export const formType = 'form';

/** The header that says of a form that it is sent from the shelf, where it lies until it is kept. */
export const fromShelf = 'x-nest-row-waited';

/** A form as it lies on the shelf: its address, and its fields as they were sent. */
export const typedForm = (url: URL, fields: string): Typed => ({
	to: url.pathname + url.search,
	fields
});
