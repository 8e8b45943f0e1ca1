import type { Judgement } from '$lib/core/judge/judgement';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { LengthSystem } from '$lib/core/units/format-length';
import { Judged, type JudgementWords } from './judged';
import { ofBags } from './judgements-of-bags';
import { ofFabric } from './judgements-of-fabric';
import { ofLooms } from './judgements-of-looms';

const words: Readonly<Record<Judgement['code'], (f: Judged) => JudgementWords>> = {
	...ofFabric,
	...ofBags,
	...ofLooms
};

/** What a judgement says of a plan of this technique, in the reader's units. */
export const judgementWords = (
	{ code, figures }: Judgement,
	system: LengthSystem,
	kind: TechniqueKind
): JudgementWords => words[code](new Judged(figures, system, kind));
