import { nextRow } from '$lib/core/hand/mat-rows';
import { shortDayWords } from '$lib/ui/day-words';
import type { MatInHand, MatNeed } from './mat-view';

/** How far a mat is: `row 134 of 204`, `band 7 of 12`, `46 of 612 rows`. */
export function farWords({ rows, made }: Pick<MatInHand, 'rows' | 'made'>): string {
	const count = made.near + made.far;
	if (!rows) return `${count} rows`;
	if (rows.ends === 2) return `${count} of ${rows.total} rows, from both ends`;
	if (rows.parts === 1) return `row ${count} of ${rows.total}`;
	const { part, row } = nextRow(rows, Math.max(0, count - 1));
	return count === 0
		? `${rows.part} 1 of ${rows.parts}`
		: `${rows.part} ${part} of ${rows.parts}, row ${row} of ${rows.each}`;
}

/** Whose it is: a maker, a loom, the table. */
export const whoseWords = ({ maker, loom }: Pick<MatInHand, 'maker' | 'loom'>): string =>
	maker?.name ?? loom ?? 'at the table';

/** By when it is ready, and between when; empty where it is done or nobody can say. */
export function readyWords({ ready, share }: Pick<MatInHand, 'ready' | 'share'>): {
	day: string;
	between: string;
} {
	if (share >= 1) return { day: 'made', between: '' };
	if (!ready.middle) return { day: '?', between: 'beyond two years' };
	const high = ready.high ? shortDayWords(ready.high) : 'later than two years';
	return {
		day: shortDayWords(ready.middle),
		between: `${shortDayWords(ready.low ?? ready.middle)}–${high}`
	};
}

/** What it needs, said kindly. */
export function needWords(need: MatNeed, { stillDays }: Pick<MatInHand, 'stillDays'>): string {
	switch (need) {
		case 'finish':
			return 'all rows are made: finish it';
		case 'ask':
			return `stands still for ${Math.floor(stillDays / 7)} weeks: ask how it goes`;
		case 'begin':
			return 'no row yet';
		case 'go-on':
			return '';
	}
}
