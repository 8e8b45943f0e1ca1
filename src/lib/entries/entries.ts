import { colourNames } from '$lib/core/colour/colours';
import { DomainError } from '$lib/core/domain-error';
import { waysOf, works } from '$lib/core/effort/works';
import type { CountByWeight } from '$lib/core/gather/count-by-weight';
import { countByWeight } from '$lib/core/gather/count-by-weight';
import { sampleOf } from '$lib/core/gather/sample';
import type { LengthSystem } from '$lib/core/units/format-length';
import type {
	BagKindEntry,
	DropOffEntry,
	Entry,
	MeasurementEntry,
	MovementEntry,
	SortingEntry,
	TimedEntry,
	Weighing
} from './entry-types';
import { correctables, forms, measures, moveReasons } from './entry-types';
import type { Sentences, Typed } from './form-reader';
import { FormReader } from './form-reader';

export type ReadEntry =
	| { readonly entry: Entry; readonly problems?: never }
	| { readonly entry?: never; readonly problems: Sentences };

/** The count of a box from what was typed of its weighing; null while that is not whole yet. */
export function readWeighing(
	read: FormReader
): { weighing: Weighing; count: CountByWeight } | null {
	const grossG = read.grams('gross', 0, 500_000);
	const tareG = read.grams('tare', 0, 500_000);
	const masses = read.manyGrams('handfuls');
	const bagsEach = read.count('bags_each', 1, 1000);
	const scaleErrorG = read.grams('scale_error', 0, 10_000);
	if (!read.isGood) return null;
	if (grossG <= tareG) {
		read.problems.gross = 'The full box must weigh more than the empty one.';
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

/** Whether an odd count or measure was said to be right. */
const sure = (read: FormReader): boolean => read.raw('sure') === 'yes';

/** More bags at once than any hall holds. */
const mostBags = 1_000_000;

function readDropOff(read: FormReader): DropOffEntry {
	const method = read.word('method', ['hand', 'batches', 'weight']);
	const common = {
		type: 'drop-off' as const,
		place: read.needed('place', 120),
		cameOn: read.day('came_on'),
		broughtBy: read.text('brought_by', 120),
		sacks: read.count('sacks', 0, 1000, 0),
		method,
		note: read.text('note', 400),
		isSure: sure(read)
	};
	if (method === 'weight') {
		const counted = readWeighing(read);
		const { bags = 0, low = 0, high = 0 } = counted?.count ?? {};
		if (bags > mostBags) read.problems.handfuls ??= 'That makes more bags than any hall holds.';
		return { ...common, bags, bagsLow: low, bagsHigh: high, weighing: counted?.weighing ?? null };
	}
	const bags =
		method === 'hand'
			? read.count('bags', 0, 1_000_000)
			: read.count('batches', 0, 10_000) * read.count('batch_size', 1, 1000) +
				read.count('loose', 0, 1000, 0);
	if (bags > mostBags)
		read.problems[method === 'hand' ? 'bags' : 'batches'] ??=
			`That makes ${bags} bags: more than any hall holds. Count again.`;
	return { ...common, bags, bagsLow: bags, bagsHigh: bags, weighing: null };
}

function readSorting(read: FormReader): SortingEntry {
	const drying = read.count('drying', 0, 100_000, 0);
	const entry: SortingEntry = {
		type: 'sorting',
		place: read.needed('place', 120),
		kindId: read.uuid('kind'),
		colour: read.word('colour', colourNames),
		strand: read.count('strand', 0, 100_000, 0),
		stuffing: read.count('stuffing', 0, 100_000, 0),
		drying,
		rejected: read.count('rejected', 0, 100_000, 0),
		lookAgainHours: drying > 0 ? read.count('look_again', 1, 240, 2) : null,
		driedFrom: read.raw('dried') === '' ? null : read.count('dried', 1, 999_999_999),
		byName: read.text('by_name', 120),
		isSure: sure(read)
	};
	const all = entry.strand + entry.stuffing + drying + entry.rejected;
	if (read.isGood && all === 0) read.problems.strand = 'Count at least one bag.';
	return entry;
}

function readMovement(read: FormReader): MovementEntry {
	const form = read.word('form', forms);
	const isIn = read.word('direction', ['in', 'out']) === 'in';
	const size =
		form === 'scrap' ? read.grams('amount', 0.001, 1_000_000) : read.count('amount', 1, 1_000_000);
	return {
		type: 'movement',
		kindId: read.uuid('kind'),
		colour: read.word('colour', colourNames),
		form,
		amount: isIn ? size : -size,
		reason: read.word('reason', moveReasons),
		note: read.text('note', 400),
		byName: read.text('by_name', 120),
		isSure: sure(read)
	};
}

function readMeasurement(read: FormReader): MeasurementEntry {
	const measure = read.word('measure', measures);
	const isSwatch = measure === 'swatch';
	const isWoven = measure === 'woven';
	const hasHeight = isSwatch || measure === 'mat' || (isWoven && read.raw('height') !== '');
	return {
		type: 'measurement',
		measure,
		planId: read.uuid('plan'),
		maker: read.text('maker', 120),
		measuredOn: read.day('measured_on'),
		counted: read.count('counted', 1, 10_000),
		rows: isSwatch ? read.count('rows', 1, 10_000) : null,
		lengthMm: measure === 'handful' ? null : read.millimetres('length', 'bag', 100_000),
		heightMm: hasHeight ? read.millimetres('height', 'bag', 100_000) : null,
		bagsUsed: isWoven && read.raw('bags_used') !== '' ? read.count('bags_used', 1, 10_000) : null,
		strandMm:
			isSwatch && read.raw('strand') !== '' ? read.millimetres('strand', 'bag', 1_000_000) : null,
		massG: measure === 'handful' ? read.grams('mass', 0.1, 1_000_000) : null,
		isSure: sure(read)
	};
}

function readTimed(read: FormReader): TimedEntry {
	const work = read.word('work', works);
	const [usual = '', ...others] = waysOf(work);
	return {
		type: 'timed',
		work,
		// Another work's way, left over from before it was chosen, is the usual one of this.
		way: others.find((way) => way === read.raw('way')) ?? usual,
		maker: read.text('maker', 120),
		units: read.count('units', 1, 1_000_000),
		people: read.count('people', 1, 200),
		minutes: read.number('minutes', 0, 10_000),
		workedOn: read.day('worked_on'),
		isSure: sure(read)
	};
}

/** The measures of a bag, as ruler and scale give them; bounds are those of the plan's own fields. */
function readBagKind(read: FormReader): BagKindEntry {
	const grams = read.grams('handful', 0.2, 1_000_000);
	const counted = read.count('handful_count', 1, 1000);
	const bag = {
		flatWidthMm: read.millimetres('width', 'bag', 2000),
		gussetMm: read.millimetres('gusset', 'bag', 500, 0),
		bodyMm: read.millimetres('body', 'bag', 3000),
		handleMm: read.millimetres('handle', 'bag', 600, 0),
		massG: grams / counted
	};
	const fields = { width: bag.flatWidthMm, body: bag.bodyMm };
	for (const [field, mm] of Object.entries(fields))
		if (mm < 40) read.problems[field] ??= 'That is smaller than any bag: less than 4 cm.';
	if (bag.massG < 0.2 || bag.massG > 1000)
		read.problems.handful ??= 'One bag would weigh less than 0.2 g or more than 1 kg. Weigh again.';
	return {
		type: 'bag-kind',
		kindId: read.raw('kind') === '' ? null : read.uuid('kind'),
		name: read.needed('name', 80),
		bag,
		handfulCount: counted,
		isSure: sure(read)
	};
}

/** What an entry is read by: the units of what is typed with none, and the day it is in the hall. */
export interface ReadBy {
	readonly system: LengthSystem;
	readonly today: string;
}

/** Reads an entry from what was typed; the same in the page and on the server. */
export function readEntry(type: string, typed: Typed, { system, today }: ReadBy): ReadEntry {
	const read = new FormReader(typed, system, today);
	const entry = entryOf(type, read);
	if (!entry) return { problems: { type: 'This kind of entry is not known here.' } };
	return read.isGood ? { entry } : { problems: read.problems };
}

function entryOf(type: string, read: FormReader): Entry | null {
	try {
		switch (type) {
			case 'drop-off':
				return readDropOff(read);
			case 'sorting':
				return readSorting(read);
			case 'movement':
				return readMovement(read);
			case 'correction':
				return {
					type,
					of: read.raw('of') === '' ? 'movement' : read.word('of', correctables),
					corrects: read.count('corrects', 1, 999_999_999),
					note: read.needed('note', 400),
					byName: read.text('by_name', 120)
				};
			case 'timed':
				return readTimed(read);
			case 'bag-kind':
				return readBagKind(read);
			case 'measurement':
				return readMeasurement(read);
			default:
				return null;
		}
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		read.problems[error.parameter] = 'This does not fit what else is typed.';
		return null;
	}
}
