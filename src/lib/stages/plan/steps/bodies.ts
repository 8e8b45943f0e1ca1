// What stands within each step. The one a new plan begins with comes with the page; the others come as they are opened.
import type { Component } from 'svelte';
import type { Bench } from '../bench/bench.svelte';
import type { StepName } from '../words/step-lines';
import CutStep from './CutStep.svelte';

export type StepBody = Component<{ bench: Bench }>;

/** What came with the page. */
export const bodiesAtHand: Partial<Record<StepName, StepBody>> = { cut: CutStep };

/** What comes as it is opened. */
export const fetchBody: Readonly<Record<StepName, () => Promise<{ default: StepBody }>>> = {
	size: () => import('./SizeStep.svelte'),
	bag: () => import('./BagStep.svelte'),
	cut: async () => ({ default: CutStep }),
	join: () => import('./JoinStep.svelte'),
	technique: () => import('./TechniqueStep.svelte'),
	finish: () => import('./FinishStep.svelte')
};

/** How the server writes a step whose code does not come with the page; nothing in the browser, which leaves what came. */
export const written: { by: ((step: StepName, bench: Bench) => string) | null } = { by: null };
