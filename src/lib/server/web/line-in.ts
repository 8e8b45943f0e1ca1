import { z } from 'zod';

const id = z.coerce.number().int().min(1).max(Number.MAX_SAFE_INTEGER);

/** The number of a line of a list, as a form or an address says it; null where it says none. */
export const rowNumberOf = (said: unknown): number | null =>
	id.safeParse(said ?? undefined).data ?? null;

/** The line that an address names under a word, as in `?back=12`. */
export const rowNumberIn = (url: URL, word: string): number | null =>
	rowNumberOf(url.searchParams.get(word));
