import type { Bag, BagMeasures } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import type { Join } from '../joint/joints';
import { usualJoint } from './joint-for-cut';
import { spinStrand } from './spin';
import { cutHalfBag } from './cut-half-bag';
import { cutLoops } from './cut-loops';
import { cutSpiral } from './cut-spiral';
import { cutWholeTube } from './cut-whole-tube';
import type { Cut } from './types';
import type { CutYield } from './yield';

/**
 * What a bag gives under any cut, joined and, if chosen, spun.
 *
 * @param join how the pieces are joined; what goes with the cut if not given
 * @throws DomainError where the cut does not fit the bag
 * @example cutBag(bagPresets[0].bag, startingPlan.cut).pieceLengthMm // 439.28
 */
export function cutBag(
	bag: Bag,
	cut: Cut,
	measures: BagMeasures = measureBag(bag),
	join?: Join
): CutYield {
	const joint = join?.kind ?? usualJoint(cut.style);
	return spinStrand(unspun(bag, cut, measures, joint), join?.spin ?? 'none');
}

function unspun(bag: Bag, cut: Cut, measures: BagMeasures, joint: Join['kind']): CutYield {
	switch (cut.style) {
		case 'loops':
			return cutLoops(bag, cut, measures, joint);
		case 'spiral':
			return cutSpiral(bag, cut, measures);
		case 'half-bag':
			return cutHalfBag(bag, measures, joint);
		case 'whole-tube':
			return cutWholeTube(bag, cut, measures, joint);
	}
}
