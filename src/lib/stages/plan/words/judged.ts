import type { Judgement } from '$lib/core/judge/judgement';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, trimmed } from '$lib/core/units/format-length';

/** What a judgement says: the call, why, and what to do. */
export interface JudgementWords {
	readonly call: string;
	readonly why: string;
	readonly act: string | null;
	/** What the button says that does it, where one choice would cure it. */
	readonly cure?: string;
}

/** The figures of one judgement, as its words need them. */
export class Judged {
	constructor(
		readonly figures: Judgement['figures'],
		private readonly system: LengthSystem,
		readonly kind: TechniqueKind
	) {}
	value = (name: string): number => this.figures[name] ?? NaN;
	figure = (name: string, digits: number) => trimmed(this.value(name), digits);
	small = (name: string) => formatLength(this.value(name), this.system, 'small');
	mat = (name: string) => formatLength(this.value(name), this.system, 'mat');
}

/** Words of some judgements, by their code. */
export type Words = Readonly<Record<string, (f: Judged) => JudgementWords>>;
