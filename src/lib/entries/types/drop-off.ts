import { dropOff as say } from '$lib/words/common';
import type { CountByWeight } from '../../core/gather/count-by-weight';
import { countByWeight } from '../../core/gather/count-by-weight';
import { sampleOf } from '../../core/gather/sample';
import type { FormReader } from '../form-reader';
import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';

export interface Weighing {
	readonly grossG: number;
	readonly tareG: number;
	readonly meanG: number;
	readonly spreadG: number;
	/** Handfuls weighed, and the bags in all of them. */
	readonly handfuls: number;
	readonly sampled: number;
	readonly scaleErrorG: number;
}

/** The count of a box from what was typed of its weighing; null while that is not whole yet. */
export function readWeighing(
	read: FormReader
): { weighing: Weighing; count: CountByWeight } | null {
	const grossG = read.grams('gross', 0, 500_000);
	const tareG = read.grams('tare', 0, 500_000);
	const masses = read.manyGrams('handfuls');
	const bagsEach = read.count('bags_each', { atLeast: 1, atMost: 1000 });
	const scaleErrorG = read.grams('scale_error', 0, 10_000);
	if (!read.isGood) return null;
	if (grossG <= tareG) {
		read.problems.gross = say.theFullBoxMustWeigh();
		return null;
	}
	const sample = sampleOf(masses, bagsEach);
	const count = countByWeight(grossG, tareG, sample, scaleErrorG);
	const { meanG, spreadG, handfuls } = sample;
	return {
		weighing: {
			grossG,
			tareG,
			meanG,
			spreadG,
			handfuls,
			sampled: handfuls * bagsEach,
			scaleErrorG
		},
		count
	};
}

/** More bags at once than any hall holds. */
const mostBags = bounds['drop_off.bags'].atMost;

export const countMethods = ['hand', 'batches', 'weight'] as const;

export interface DropOffEntry {
	readonly type: 'drop-off';
	readonly place: string;
	readonly cameOn: string;
	readonly broughtBy: string | null;
	readonly sacks: number;
	readonly method: (typeof countMethods)[number];
	readonly bags: number;
	readonly bagsLow: number;
	readonly bagsHigh: number;
	readonly weighing: Weighing | null;
	/** The kind that the handfuls weighed are of; null where it is not said, or nothing was weighed. */
	readonly kindId: string | null;
	/** All of it is damp and hung to dry: hours until it is looked at again; null where it is dry. */
	readonly lookAgainHours: number | null;
	readonly note: string | null;
	/** The one who typed it has said that an odd count is right as it stands. */
	readonly isSure: boolean;
}

function readDropOff(read: FormReader): DropOffEntry {
	const method = read.word('method', countMethods);
	const common = {
		type: 'drop-off' as const,
		place: read.needed('place', longest['place.name']),
		cameOn: read.day('came_on'),
		broughtBy: read.text('brought_by', longest['person.name']),
		sacks: read.count('sacks', bounds['drop_off.sacks'], 0),
		method,
		kindId: method === 'weight' && read.raw('kind') !== '' ? read.uuid('kind') : null,
		lookAgainHours:
			read.raw('damp') === 'yes' ? read.count('look_again', { atLeast: 1, atMost: 240 }, 2) : null,
		note: read.text('note', longest['entry.note']),
		isSure: read.isSure
	};
	if (method === 'weight') {
		const counted = readWeighing(read);
		const { bags = 0, low = 0, high = 0 } = counted?.count ?? {};
		if (bags > mostBags) read.problems.handfuls ??= say.thatMakesMoreBagsThan();
		return { ...common, bags, bagsLow: low, bagsHigh: high, weighing: counted?.weighing ?? null };
	}
	const bags =
		method === 'hand'
			? read.count('bags', bounds['drop_off.bags'])
			: read.count('batches', { atLeast: 0, atMost: 10_000 }) *
					read.count('batch_size', { atLeast: 1, atMost: 1000 }) +
				read.count('loose', { atLeast: 0, atMost: 1000 }, 0);
	if (bags > mostBags)
		read.problems[method === 'hand' ? 'bags' : 'batches'] ??= say.thatMakesBagsMoreThan({ bags });
	return { ...common, bags, bagsLow: bags, bagsHigh: bags, weighing: null };
}

export const dropOffType = entryType<DropOffEntry>({
	type: 'drop-off',
	page: '/gather',
	done: say.tookInBags(),
	read: readDropOff,
	facts: ({ note }) => ({ note }),
	words: ({ place, method, kind, damp }) =>
		[
			say.bagsFrom({ place: place || say.aSource() }),
			...(damp === 'yes' ? [say.hungToDry()] : []),
			...(method === 'weight' && kind ? [say.theirHandfulsCountedOnceFor()] : [])
		].join(', ')
});
