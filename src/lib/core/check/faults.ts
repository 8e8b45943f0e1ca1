import type { TechniqueKind } from '../techniques/technique';

/** What may be wrong with a mat, as it is seen and felt. */
export const faultKinds = [
	'torn-joint',
	'uneven-ring',
	'double-strip',
	'tight-joint',
	'loose-joint',
	'narrows',
	'waves',
	'cups',
	'loose-rows',
	'ends-alike',
	'knot-at-peg',
	'edge-missed',
	'nails-missed',
	'rod-off',
	'band-curls',
	'loose-tail',
	'weak-tie',
	'damp'
] as const;
export type FaultKind = (typeof faultKinds)[number];

/** The step of the work that a fault comes with: that step is shown again, and nobody is named. */
export type WorkStep = 'sort' | 'cut' | 'join' | 'make' | 'finish' | 'store';

/** Who may mend a fault: anybody, or hands that know the technique. */
export type Mender = 'anyone' | 'practised';

export interface Fault {
	/** The techniques in which it can be. */
	readonly techniques: readonly TechniqueKind[];
	readonly step: WorkStep;
	/** Hands to mend it once, min. */
	readonly minutes: number;
	readonly who: Mender;
}

const all: readonly TechniqueKind[] = ['crochet', 'peg-loom', 'twined', 'finger-bands'];
const woven: readonly TechniqueKind[] = ['peg-loom', 'twined', 'finger-bands'];

/**
 * Every fault with where it can be, the step it comes with, and what it takes to mend it.
 *
 * @source bench default for the minutes
 */
export const faults: Readonly<Record<FaultKind, Fault>> = {
	'torn-joint': { techniques: all, step: 'join', minutes: 8, who: 'anyone' },
	'uneven-ring': { techniques: all, step: 'join', minutes: 5, who: 'anyone' },
	'double-strip': { techniques: all, step: 'cut', minutes: 10, who: 'anyone' },
	'tight-joint': { techniques: all, step: 'join', minutes: 8, who: 'anyone' },
	'loose-joint': { techniques: all, step: 'join', minutes: 6, who: 'anyone' },
	narrows: { techniques: ['crochet'], step: 'make', minutes: 45, who: 'practised' },
	waves: { techniques: ['crochet'], step: 'make', minutes: 60, who: 'practised' },
	cups: { techniques: ['crochet'], step: 'make', minutes: 60, who: 'practised' },
	'loose-rows': { techniques: woven, step: 'make', minutes: 30, who: 'anyone' },
	'ends-alike': { techniques: ['peg-loom'], step: 'make', minutes: 25, who: 'practised' },
	'knot-at-peg': { techniques: ['peg-loom'], step: 'make', minutes: 15, who: 'practised' },
	'edge-missed': { techniques: ['twined'], step: 'make', minutes: 20, who: 'anyone' },
	'nails-missed': { techniques: ['twined'], step: 'make', minutes: 25, who: 'practised' },
	'rod-off': { techniques: ['twined'], step: 'make', minutes: 15, who: 'practised' },
	'band-curls': { techniques: ['finger-bands'], step: 'make', minutes: 40, who: 'practised' },
	'loose-tail': { techniques: all, step: 'finish', minutes: 5, who: 'anyone' },
	'weak-tie': { techniques: all, step: 'finish', minutes: 10, who: 'anyone' },
	damp: { techniques: all, step: 'store', minutes: 15, who: 'anyone' }
};

/**
 * The faults that a mat of a technique may have, in the order they are looked for.
 *
 * @example faultsOf('twined').includes('rod-off') // true
 */
export const faultsOf = (technique: TechniqueKind): FaultKind[] =>
	faultKinds.filter((kind) => faults[kind].techniques.includes(technique));
