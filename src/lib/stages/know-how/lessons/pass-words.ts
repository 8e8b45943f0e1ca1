import { passWords as say } from '$lib/words/know-how';
import type { Pass } from '$lib/core/acts/crossing-order';

/** Over and under in their order, as they are read off a drawing. */
export const passWords = (passes: readonly Pass[]): string =>
	passes.map((pass) => (pass === 'over' ? say.over() : say.under())).join(', ');
