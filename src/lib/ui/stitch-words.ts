import { stitchWords as say } from '$lib/words/common';
import { hooks } from '$lib/core/techniques/crochet/hooks';
import type { Stitch } from '$lib/core/techniques/crochet/stitches';
import { trimmed } from '$lib/core/units/format-length';

/** Whose names the stitches go by; the same words mean different stitches. */
export const stitchTerms = ['us', 'uk'] as const;
export type StitchTerms = (typeof stitchTerms)[number];

const names: Readonly<Record<StitchTerms, Readonly<Record<Stitch, string>>>> = {
	us: { sc: say.singleCrochet(), hdc: say.halfDoubleCrochet(), dc: say.doubleCrochet() },
	uk: { sc: say.doubleCrochet(), hdc: say.halfTrebleCrochet(), dc: say.trebleCrochet() }
};

export const stitchName = (stitch: Stitch, terms: StitchTerms): string => names[terms][stitch];

/** `8 mm (US L, UK 0)`; sizes nobody names go by millimetres alone. */
export function hookName(mm: number): string {
	const hook = hooks.find((one) => one.mm === mm);
	const also = [hook?.us && say.us({ us: hook.us }), hook?.uk && say.uk({ uk: hook.uk })]
		.filter(Boolean)
		.join(', ');
	return also ? say.mm({ mm: trimmed(mm, 2), also }) : `${trimmed(mm, 2)} mm`;
}
