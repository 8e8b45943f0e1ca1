import type { OnPaper, Reader } from '$lib/ui/reader';
import { papers } from '$lib/ui/reader';
import { z } from 'zod';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	large: z.literal('yes').optional().catch(undefined)
});

/** The paper and the size of type that an address asks for; what it does not say is the reader's own. */
export function paperAsked(
	{ searchParams }: Pick<URL, 'searchParams'>,
	{ paper, locale, timeZone }: Pick<Reader, 'paper' | 'locale' | 'timeZone'>
): OnPaper {
	const asked = shape.parse({ paper: null, ...Object.fromEntries(searchParams) });
	return { paper: asked.paper ?? paper, isLarge: asked.large === 'yes', locale, timeZone };
}
