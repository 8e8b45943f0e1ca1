// Closed steps are written by the server, so that they are whole without scripts; their code comes as they are opened.
import { render } from 'svelte/server';
import BagStep from '$lib/stages/plan/steps/BagStep.svelte';
import { written, type StepBody } from '$lib/stages/plan/steps/bodies';
import CutStep from '$lib/stages/plan/steps/CutStep.svelte';
import FinishStep from '$lib/stages/plan/steps/FinishStep.svelte';
import JoinStep from '$lib/stages/plan/steps/JoinStep.svelte';
import SizeStep from '$lib/stages/plan/steps/SizeStep.svelte';
import TechniqueStep from '$lib/stages/plan/steps/TechniqueStep.svelte';
import type { StepName } from '$lib/stages/plan/words/step-lines';

const bodies: Readonly<Record<StepName, StepBody>> = {
	size: SizeStep,
	bag: BagStep,
	cut: CutStep,
	join: JoinStep,
	technique: TechniqueStep,
	finish: FinishStep
};

written.by = (step, bench) => render(bodies[step], { props: { bench }, idPrefix: `${step}-` }).body;
