import { matWords as msg } from '$lib/words/making';
import { nextRow } from '$lib/core/making/mat-rows';
import type { WidthCourse } from '$lib/core/making/narrowing';
import { smallNumber } from '$lib/ui/number-words';
import { shortDayWords } from '$lib/ui/day-words';
import { meetingOf } from './loom-meeting';
import type { MatLack, MatInHand, MatLine, MatNeed } from './mat-view';
import { lacksSoon } from './mat-view';

/** How far a mat is: `row 134 of 204`, `band 7 of 12`, `46 of 612 rows`. */
export function matFarWords({ rows, made }: Pick<MatInHand, 'rows' | 'made'>): string {
	const count = made.near + made.far;
	if (!rows) return msg.rows({ count });
	if (rows.ends === 2) return msg.ofRowsFromBothEnds({ count, total: rows.total });
	if (rows.parts === 1) return msg.rowOf({ count, total: rows.total });
	const { part, row } = nextRow(rows, Math.max(0, count - 1));
	return count === 0
		? msg.n1Of({ part: rows.part, parts: rows.parts })
		: msg.ofRowOf({ part: rows.part, part2: part, parts: rows.parts, row, each: rows.each });
}

/** Whose it is: a maker, a loom, the table. */
export const whoseWords = ({ maker, loom }: Pick<MatInHand, 'maker' | 'loom'>): string =>
	maker?.name ?? loom ?? msg.atTheTable();

/** By when it is ready, and between when; empty where it is done or nobody can say. */
export function readyWords({ ready, share }: Pick<MatInHand, 'ready' | 'share'>): {
	day: string;
	between: string;
} {
	if (share >= 1) return { day: msg.made(), between: '' };
	if (!ready.middle) return { day: '?', between: msg.beyondTwoYears() };
	const high = ready.high ? shortDayWords(ready.high) : msg.laterThanTwoYears();
	return {
		day: shortDayWords(ready.middle),
		between: `${shortDayWords(ready.low ?? ready.middle)}–${high}`
	};
}

/** Stitches lost or added: `two stitches lost since row 140`. */
export function courseWords({ verdict, stitches, sinceRow }: WidthCourse): string {
	if (verdict === 'straight') return msg.keepsItsWidth();
	const count = msg.stitches({ stitches, said: smallNumber(stitches) });
	return msg.isverdictSelectYesOtherSince({
		verdict,
		count,
		isVerdict: verdict === 'narrows' ? 'yes' : 'no',
		sinceRow
	});
}

/** What lacks of a colour: `blue ends in row 143`. */
export const lackWords = ({ colour, row }: MatLack): string => msg.endsInRow({ colour, row });

/** What it needs, said kindly. */
export function matNeedWords(
	need: MatNeed,
	mat: Pick<MatInHand, 'stillDays' | 'lacks' | 'course' | 'made' | 'rows'>
): string {
	const { stillDays, course } = mat;
	switch (need) {
		case 'finish':
			return msg.allRowsMadeFinishIt();
		case 'fetch':
			return msg.cannotGoOn();
		case 'ball':
			return msg.needsABall();
		case 'ask':
			return msg.standsStillForWeeksAsk({ floor: Math.floor(stillDays / 7) });
		case 'lacks':
			return lacksSoon(mat).map(lackWords).join(', ');
		case 'narrows':
			return course ? courseWords(course) : '';
		case 'begin':
			return msg.noRowYet();
		case 'go-on':
			return '';
	}
}

/** What is said of a loom that both ends of are woven; empty of any other mat. */
export function loomWords(mat: Pick<MatLine, 'rows' | 'look' | 'said' | 'made'>): string {
	const meeting = mat.made.far > 0 ? meetingOf(mat, mat.made) : null;
	if (!meeting) return '';
	return meeting.verdict === 'fine' ? msg.bothEndsWillMeetAs() : msg.bothEndsOneRowMore();
}

/** The act that a need asks for, and the part of the mat's page where it is done; none where there is none. */
export function needPlace(
	need: MatNeed,
	{ course }: Pick<MatInHand, 'course'>
): { words: string; part: string } | null {
	switch (need) {
		case 'fetch':
			return { words: msg.passItOn(), part: 'pass' };
		case 'ball':
		case 'lacks':
			return { words: msg.sendABall(), part: 'strand' };
		case 'narrows':
			return {
				words: course?.verdict === 'widens' ? msg.showTheRowEnd() : msg.showTheLastStitch(),
				part: 'course'
			};
		default:
			return null;
	}
}
