import { tap as say } from '$lib/words/common';
import type { LineStation } from '../../core/assembly-line/assembly-line';
import { lineStations } from '../../core/assembly-line/assembly-line';
import type { LedgerReason } from '../../core/store/forms';
import type { FormReader } from '../form-reader';
import { actBounds, longest } from '../bounds';
import { entryType } from '../entry-type';

/** A lot done at a station of a table day: so many bags, or one ball. */
export interface TapEntry {
	readonly type: 'tap';
	readonly dayId: string;
	readonly station: LineStation;
	/** Bags flattened, cut or joined; balls wound. */
	readonly count: number;
	/** Pieces of a cut that were spoiled; 0 elsewhere. */
	readonly spoiled: number;
	readonly byName: string | null;
}

const reasons: Readonly<Record<LineStation, LedgerReason>> = {
	flatten: 'flattened',
	cut: 'cut',
	join: 'joined',
	ball: 'balled'
};
const doneWords: Readonly<Record<LineStation, string>> = {
	flatten: 'flattened',
	cut: 'cut',
	join: 'joined',
	ball: 'wound'
};

function readTap(read: FormReader): TapEntry {
	const station = read.word('station', lineStations);
	return {
		type: 'tap',
		dayId: read.uuid('day'),
		station,
		count: read.count('count', station === 'ball' ? { atLeast: 1, atMost: 1 } : actBounds.bags),
		spoiled:
			station === 'cut' && read.raw('spoiled') !== ''
				? read.count('spoiled', { atLeast: 0, atMost: actBounds.pieces.atMost })
				: 0,
		byName: read.text('by_name', longest['person.name'])
	};
}

export const tapType = entryType<TapEntry>({
	type: 'tap',
	page: null,
	done: say.tappedALotAtThe(),
	read: readTap,
	facts: ({ station, byName }) => ({ byName, reason: reasons[station] }),
	words: ({ station, count }) =>
		`${count} ${station === 'ball' ? 'ball' : 'bags'} ${doneWords[station as LineStation] ?? 'done'}`
});
