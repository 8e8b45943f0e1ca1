import { matCode as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import { readCodeField } from './code-field';

/** The mat an entry is of, by the code of its label. */
export function readMatCode(read: FormReader): string {
	const code = readCodeField(read, 'mat');
	if (code === null && !read.problems['mat']) read.problems['mat'] = say.typeTheFiveCharacterCode();
	return code ?? '';
}
