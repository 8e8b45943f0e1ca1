import { colourNames } from '$lib/core/colour/colours';
import { cutStyles } from '$lib/core/cut/types';
import { z } from 'zod';

const colour = z.enum(colourNames);
const cut = z.object({
	style: z.enum(cutStyles),
	stripWidthMm: z.number(),
	piecesPerBag: z.number(),
	thicknessUm: z.number(),
	pieceLengthMm: z.number(),
	pieceG: z.number()
});

/** What things say of themselves, as it is read back from where they lie: what acts rest on, and no more. */
const contents = {
	ball: z.object({
		kindId: z.string(),
		colours: z.array(z.object({ colour, bags: z.number() })),
		cut,
		filmMg: z.number()
	}),
	pillow: z.object({ bags: z.number(), filmMg: z.number() }),
	mat: z.object({ stripes: z.array(z.object({ colour, rows: z.number() })).nullish() })
} as const;

/** The content of a thing of a sort. @throws ZodError where it is not what such a thing has: it was never written so */
export const contentOf = <Sort extends keyof typeof contents>(
	sort: Sort,
	content: Readonly<Record<string, unknown>>
): z.infer<(typeof contents)[Sort]> =>
	contents[sort].parse(content) as z.infer<(typeof contents)[Sort]>;
