import { acceptedSize as say } from '$lib/words/hand-over';
import type { AcceptedSize } from '$lib/core/check/judge-mat';
import { bounds } from '$lib/entries/bounds';
import type { FormReader } from '$lib/entries/form-reader';

/** Reads what sizes a place accepts; a side it says nothing of is left out. */
export function acceptedSize(read: FormReader): AcceptedSize {
	const sizeOf = (field: 'least_length' | 'least_width' | 'most_length' | 'most_width') => {
		const { atLeast, atMost } = bounds[`place.${field}_mm`];
		const mm = read.millimetres(field, 'mat', atMost, 0);
		if (mm === 0) return undefined;
		if (mm < atLeast) read.problems[field] ??= say.atLeast({ mm: atLeast });
		return mm;
	};
	const accepted = {
		leastLengthMm: sizeOf('least_length'),
		leastWidthMm: sizeOf('least_width'),
		mostLengthMm: sizeOf('most_length'),
		mostWidthMm: sizeOf('most_width')
	};
	if ((accepted.mostLengthMm ?? Infinity) < (accepted.leastLengthMm ?? 0))
		read.problems['most_length'] ??= say.lessThanTheLeast();
	if ((accepted.mostWidthMm ?? Infinity) < (accepted.leastWidthMm ?? 0))
		read.problems['most_width'] ??= say.lessThanTheLeast();
	return accepted;
}
