import { readCode } from '../../core/code/code';
import { codeWords } from '../../ui/code-words';
import type { FormReader } from '../form-reader';

/** A code as somebody read it from a label; null where none was typed. */
export function readCodeField(read: FormReader, field: string): string | null {
	if (read.raw(field) === '') return null;
	const code = readCode(read.raw(field));
	if (code.problem === undefined) {
		read.canonical[field] = code.code;
		return code.code;
	}
	read.problems[field] = codeWords[code.problem];
	return null;
}
