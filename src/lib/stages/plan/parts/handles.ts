// Where the hand takes hold of a drawing: what each hold measures, where it lies, how it is set.
import { handles as say } from '$lib/words/plan';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import { evenWidths } from '$lib/core/cut/even-widths';
import { trimsOf } from '$lib/core/cut/types';
import { placeCut, placeMeasured } from '$lib/core/drawing/bag-scene';
import { placeMat } from '$lib/core/drawing/mat-scene';
import type { Box } from '$lib/core/drawing/scene';
import { usualSleeperHeightMm } from '$lib/core/model/types';
import { fieldLength, formatLength, type LengthScale } from '$lib/core/units/format-length';
import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
import type { FieldName } from '$lib/stages/plan/fields';
import type { StepName } from '$lib/stages/plan/words/step-lines';
import { cutWords, drawnMeasureWords } from '../drawing/drawings';

export interface Handle {
	/** The field that it sets, and that is typed on the drawing. */
	readonly field: FieldName;
	readonly label: string;
	readonly x: number;
	readonly y: number;
	readonly axis: 'x' | 'y';
	/** Pixels a millimetre along the axis: below 0 where the measure grows against it. */
	readonly perMm: number;
	readonly valueMm: number;
	readonly leastMm: number;
	readonly mostMm: number;
	readonly stepMm: number;
	readonly words: string;
	readonly set: (mm: number) => void;
}

/** Nearest of some lengths, where one is within so much; else the length itself. */
export function snapped(mm: number, to: readonly number[], withinMm: number): number {
	const nearest = to.reduce(
		(best, one) => (Math.abs(one - mm) < Math.abs(best - mm) ? one : best),
		Infinity
	);
	return Math.abs(nearest - mm) <= withinMm ? nearest : mm;
}

function handle(
	bench: Bench,
	field: FieldName,
	scale: LengthScale,
	rest: Omit<Handle, 'field' | 'words' | 'set' | 'stepMm'> & { readonly stepMm?: number }
): Handle {
	return {
		stepMm: scale === 'mat' ? 10 : scale === 'bag' ? 5 : 1,
		...rest,
		field,
		words: formatLength(rest.valueMm, bench.system, scale),
		set: (mm) =>
			bench.type({
				[field]: fieldLength(mm, bench.system, scale),
				// A bag measured otherwise is nobody's preset any more.
				...(field.startsWith('bag_') && { bag_preset: 'own' as const })
			})
	};
}

function sizeHandles(bench: Bench, box: Box): Handle[] {
	const { plan, estimate } = bench.drawn;
	const place = placeMat(estimate.model.mat, plan.sleeperHeightMm ?? usualSleeperHeightMm, box);
	const { left, top, length, width, scale } = place;
	return [
		handle(bench, 'mat_width', 'mat', {
			label: say.widthOfTheMat(),
			x: left + length * 0.25,
			y: top + width,
			axis: 'y',
			perMm: scale,
			valueMm: plan.target.widthMm,
			leastMm: 300,
			mostMm: 2000
		}),
		handle(bench, 'mat_length', 'mat', {
			label: say.lengthOfTheMat(),
			x: left + length,
			y: top + width * 0.5,
			axis: 'x',
			perMm: scale,
			valueMm: plan.target.lengthMm,
			leastMm: 500,
			mostMm: 3000
		})
	];
}

function bagHandles(bench: Bench, box: Box): Handle[] {
	const { bag, cut } = bench.drawn.plan;
	const sketch = sketchBag(bag, cut);
	const words = drawnMeasureWords(bag, bench.system);
	const { left, bottom, scale } = placeMeasured(sketch, words, box);
	const width = bag.flatWidthMm * scale;
	const top = bottom - bag.bodyMm * scale;
	return [
		handle(bench, 'bag_handle', 'small', {
			label: say.handleHeight(),
			x: left + width * 0.12,
			y: top - bag.handleMm * scale,
			axis: 'y',
			perMm: -scale,
			valueMm: bag.handleMm,
			leastMm: 0,
			mostMm: 400
		}),
		handle(bench, 'bag_body', 'bag', {
			label: say.seamToHandles(),
			x: left + width * 0.5,
			y: top,
			axis: 'y',
			perMm: -scale,
			valueMm: bag.bodyMm,
			leastMm: 100,
			mostMm: 1200
		}),
		handle(bench, 'bag_gusset', 'small', {
			label: say.gussetEachSide(),
			x: left + bag.gussetMm * scale,
			y: top + (bottom - top) * 0.45,
			axis: 'x',
			perMm: scale,
			valueMm: bag.gussetMm,
			leastMm: 0,
			mostMm: Math.floor(bag.flatWidthMm / 2.2)
		}),
		handle(bench, 'bag_width', 'bag', {
			label: say.flatWidth(),
			x: left + width,
			y: top + (bottom - top) * 0.85,
			axis: 'x',
			perMm: scale,
			valueMm: bag.flatWidthMm,
			leastMm: 80,
			mostMm: 1000
		})
	];
}

function cutHandles(bench: Bench, box: Box): Handle[] {
	const { bag, cut } = bench.drawn.plan;
	if (cut.style !== 'loops' && cut.style !== 'spiral') return [];
	const sketch = sketchBag(bag, cut);
	const first = sketch.bands.find(({ ring }) => ring === 1);
	if (!first) return [];
	const words = cutWords(sketch, cut.style, bench.system);
	const { left, bottom, scale } = placeCut(sketch, words, box);
	const { trimBottomMm, trimTopMm } = trimsOf(cut);
	const usableMm = Math.max(40, bag.bodyMm - trimBottomMm - trimTopMm);
	const even = evenWidths(usableMm, 12, usableMm).map(({ widthMm }) => widthMm);
	const isLoops = cut.style === 'loops';
	return [
		{
			...handle(bench, 'strip_width', 'small', {
				label: say.stripWidth(),
				x: left + bag.flatWidthMm * scale * 0.5,
				y: bottom - first.toMm * scale,
				axis: 'y',
				perMm: -scale,
				valueMm: first.toMm - first.fromMm,
				leastMm: 10,
				mostMm: Math.floor(usableMm / (isLoops ? 1 : 2))
			}),
			// On an even cut the strip takes it: nothing is left over.
			set: (mm) => {
				const at = isLoops ? snapped(mm, even, Math.min(3, usableMm * 0.01)) : mm;
				const strips = Math.round(usableMm / at);
				if (isLoops && even.includes(at))
					bench.type({ loops: 'equal', equal_strips: String(strips) });
				else bench.slideStripWidth('', Math.round(at));
			}
		}
	];
}

/** What can be taken hold of on the drawing of a step. */
export function handlesOf(step: StepName, bench: Bench, box: Box): Handle[] {
	switch (step) {
		case 'size':
			return sizeHandles(bench, box);
		case 'bag':
			return bagHandles(bench, box);
		case 'cut':
			return cutHandles(bench, box);
		default:
			return [];
	}
}
