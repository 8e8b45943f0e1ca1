import { matSheet as say } from '$lib/words/sheets';
import type { ColourName } from '$lib/core/colour/colours';
import { nextPass, nextRow } from '$lib/core/making/mat-rows';
import type { Side } from '$lib/entries/types/row';
import type { CountedMat } from '$lib/stages/making/mat-view';
import { ballInWork } from '$lib/stages/making/strand-in-hand';
import { readyWords } from '$lib/stages/making/mat-words';
import { longDayWords } from '$lib/ui/day-words';
import { wholeNumber } from '$lib/ui/number-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** A mat being made on paper, for whoever makes it without a phone. */
export interface MatSheetOrder extends OnPaper {
	readonly mat: CountedMat;
	readonly planName: string;
	readonly planVersion: number;
	readonly date: Date;
}

const cautions = [say.theSameMovementOverAnd(), say.filmCanSuffocateKeepBalls()];

/** Rows on one sheet beyond which they go in fives. */
const mostSingles = 300;

/** The colours of the rows that are left, each from its first row on. */
function coloursLeft({
	look,
	made,
	rows: counted
}: CountedMat): { colour: ColourName; from: number; to: number }[] {
	let until = 0;
	return (look?.stripes ?? []).flatMap(({ colour, rows }) => {
		const from = Math.max(until, made.near) + 1;
		until += rows;
		const to = Math.min(until, (counted?.total ?? until) - made.far);
		return to >= from ? [{ colour, from, to }] : [];
	});
}

/** The row sheet of a mat from where it stands, as a PDF. */
export async function matSheet(order: MatSheetOrder): Promise<Uint8Array> {
	const { mat, planName, planVersion, date } = order;
	const sheet = await beginSheet(order, () => ({
		title: say.theMatRowByRow({ code: mat.code }),
		planName,
		versionWords: say.version({ planVersion }),
		date: longDayWords(date),
		cautions
	}));
	const { rows, look, made } = mat;
	const all = made.near + made.far;
	const ready = readyWords(mat);
	sheet.figures([
		{ value: mat.code, label: say.theMat() },
		{
			value: wholeNumber(all),
			label: rows ? say.ofRowsMade({ total: wholeNumber(rows.total) }) : say.rowsMade()
		},
		...(look?.stitch ? [{ value: wholeNumber(look.stitch.count), label: say.stitchesARow() }] : []),
		...(ready.between ? [{ value: ready.day, label: say.aboutReady() }] : [])
	]);
	if (ready.between) sheet.text(say.readyAtThisPace({ between: ready.between }));
	sheet.text(say.tickEachFinishedRowTell());
	if (!rows) return sheet.end();
	const colours = coloursLeft(mat);
	if (colours.length > 1) {
		sheet.heading(say.coloursToCome());
		sheet.table(
			[
				[say.colour(), say.fromRow(), say.toRow()],
				...colours.map(({ colour, from, to }) => [colour, wholeNumber(from), wholeNumber(to)])
			],
			[0.4, 0.3, 0.3]
		);
	}
	const ball = look && ballInWork(look, made, mat.said);
	const begins = new Map(colours.slice(1).map(({ colour, from }) => [from, colour]));
	const isPassed = look?.kind === 'peg-loom' || look?.kind === 'finger-bands';
	const noteOf = (row: number, side: Side, turned: boolean): string | undefined => {
		const pass = nextPass(row - 1 + (turned ? 1 : 0));
		const words = [
			isPassed ? pass : '',
			side === 'near' ? (begins.get(row) ?? '') : '',
			side === 'near' && ball?.row === row ? say.ends({ code: ball.code }) : ''
		].filter((word) => word !== '');
		return words.length > 0 ? words.join(', ') : undefined;
	};
	const tick = (
		title: string,
		side: Side,
		from: number,
		to: number,
		shown = (row: number) => row
	) => {
		if (to < from) return;
		const turned = side === 'far' && look?.loom?.farFirstPass === 'under';
		const each = to - from + 1 > mostSingles ? 5 : 1;
		const items = Array.from({ length: Math.ceil((to - from + 1) / each) }, (_, at) => {
			const first = from + at * each;
			const last = Math.min(to, first + each - 1);
			return {
				label: each === 1 ? `${shown(first)}` : `${shown(first)}–${shown(last)}`,
				note: noteOf(first, side, turned)
			};
		});
		sheet.heading(title);
		sheet.ticks(items, each === 1 ? 8 : 6);
	};
	if (rows.ends === 2) {
		const left = Math.max(0, rows.total - all);
		tick(say.rowsFromTheNearEnd(), 'near', made.near + 1, made.near + left);
		tick(say.rowsFromTheFarEnd(), 'far', made.far + 1, made.far + left);
		sheet.text(say.rowsFitBetweenTheEnds({ left: wholeNumber(left) }));
	} else if (rows.parts > 1) {
		const { part } = nextRow(rows, Math.min(made.near, rows.total - 1));
		for (let at = part; at <= rows.parts; at++) {
			const before = (at - 1) * rows.each;
			const from = Math.max(made.near, before) + 1;
			tick(
				say.rowsOf({ part: rows.part, at }),
				'near',
				from,
				at * rows.each,
				(row) => row - before
			);
		}
	} else tick(say.rows(), 'near', made.near + 1, rows.total);
	return sheet.end();
}
