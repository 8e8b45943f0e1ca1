import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { jointStages, loopJoint, onTable } from '$lib/core/acts/joint-curves';
import { ropes, sketch } from './lesson';

/** The last stage of a joint: it is drawn together. */
export const snug = jointStages - 1;

/** A joint on the table as it stands at a stage, one side of its ring so much longer. */
export const joint = (stage: number, bow: number, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(loopJoint(stage, onTable, bow)), ...marks);

/** A joint on the table from one stage to another, as it moves; what is pointed out stands at its end. */
export const joining = (from: number, to: number, ...marks: readonly SketchMark[]): Sketch[] =>
	Array.from({ length: to - from + 1 }, (_, at) =>
		joint(from + at, 0, ...(from + at === to ? marks : []))
	);
