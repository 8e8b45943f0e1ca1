import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { DomainError } from '../domain-error';
import { totalSeconds } from '../effort/stations';
import type { Practice } from '../practice/practice';
import { pointOf } from '../practice/practice';
import { whole } from '../factors/rounding';
import { coverShare } from '../techniques/cover-grade';
import type { Target } from '../mat/made-mat';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';
import type { Method } from './sweep';
import { sweepMethods } from './sweep';
import type { Compared } from './pareto-front';
import { paretoFront } from './pareto-front';

/** One method with what it comes to. */
export interface ComparedMethod extends Method, Compared {
	readonly isUnbeaten: boolean;
}

/**
 * Works out every method for a bag and a size, without spreads, and marks those that nothing else
 * beats on bags to collect, hours and cover.
 *
 * @param practice whose measures
 * @param rest what else a plan holds; the usual if not given
 * @param onProgress told the share done, from 0 to 1, now and then
 * @throws DomainError where bag or target are out of their domain
 * @example compareAll(bagPresets[0].bag, { widthMm: 850, lengthMm: 1850 }, barePractice, { stepMm: 20 }).filter(({ isUnbeaten }) => isUnbeaten).length // 424
 */
export function compareAll(
	bag: Bag,
	target: Target,
	practice: Practice,
	options: {
		readonly stepMm?: number | undefined;
		readonly rest?: Pick<Plan, 'finish' | 'work'> | undefined;
		readonly onProgress?: ((share: number) => void) | undefined;
	} = {}
): ComparedMethod[] {
	const { stepMm, rest = {}, onProgress } = options;
	const middle = pointOf(practice, bag);
	const methods = sweepMethods(bag, stepMm);
	const worked: (Method & Compared)[] = [];
	const { finish, work } = rest;
	// Thousands of methods share a few hundred cuts: each is laid out once.
	const yields = new Map<Cut, CutYield>();
	const heavier = { ...bag, massG: bag.massG * middle.factors.bagMass };
	const measures = measureBag(heavier);
	const yieldOf = (cut: Cut): CutYield => {
		let given = yields.get(cut);
		if (!given) yields.set(cut, (given = cutBag(heavier, cut, measures)));
		return given;
	};
	for (const [index, method] of methods.entries()) {
		if (onProgress && index % 500 === 0) onProgress(index / methods.length);
		try {
			const { cut, technique } = method;
			const model = modelPlan({ bag, target, finish, work, cut, technique }, middle, whole, {
				bag: heavier,
				measures,
				cut: yieldOf(cut),
				weft: technique.kind === 'peg-loom' ? yieldOf(technique.weftCut) : null,
				kinds: null
			});
			worked.push({
				cut,
				technique,
				bags: model.toCollect,
				hours: totalSeconds(model.seconds) / 3600,
				cover: coverShare(method.technique.kind, model.mat.cover)
			});
		} catch (error) {
			if (!(error instanceof DomainError)) throw error;
		}
	}
	const marks = paretoFront(worked);
	onProgress?.(1);
	return worked.map(({ cut, technique, bags, hours, cover }, index) => ({
		cut,
		technique,
		bags,
		hours,
		cover,
		isUnbeaten: marks[index] ?? false
	}));
}
