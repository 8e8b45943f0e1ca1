import { measured as msg } from '$lib/words/making';
import type { Db } from '$lib/server/db/db';
import { defaults } from '$lib/core/defaults';
import type { Readings } from '$lib/core/calibrate/readings';
import { strandGiven } from '$lib/core/making/strand-given';
import { strandLeft } from '$lib/core/making/strand-left';
import { pointFor } from '$lib/core/model/known-for';
import type { MatSizeEntry, WeighedEntry } from '$lib/entries/types/mat-measured';
import type { MeasurementEntry } from '$lib/entries/types/measurement';
import {
	basisOf,
	impossibleWords,
	oddReading,
	oddWords,
	readingsOf
} from '$lib/measures/plan-basis';
import { asPlanned, densityOf, plannedColour } from '$lib/stages/making/strand-in-hand';
import { workOrder } from '$lib/stages/making/work-order';
import { planOfShape } from '$lib/stages/plan/document/document';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { keepTaught } from '$lib/server/measures/taught';
import type { MatMade } from './mat-made';
import { findMatMade } from './mat-made';

/** Rows that must lie between two measures on a mat before they teach anything. */
const leastRows = 10;

const keepRead = (db: Db, entryId: number, thingId: number, read: object) =>
	db.execute(
		'insert into mat_measure (group_id, entry_id, thing_id, read) values ($1, $2, $3, $4)',
		[db.groupId, entryId, thingId, read]
	);

/** The sentence where a reading is odd and nobody said that it is right, or where nothing can be so. */
function whyNot(readings: Readings, isSure: boolean, field: string): SaveResult | null {
	const odd = oddReading(readings);
	if (odd && !isSure) return refuse('sure', oddWords(odd));
	const impossible = impossibleWords(readings);
	return impossible === null ? null : refuse(field, impossible);
}

/** What the rows since the last length say: over their own height alone, so that each row teaches once. */
function rowsSince({ document, said, making }: MatMade, entry: MatSizeEntry) {
	const { row, lengthMm } = entry;
	const before = said.sizes.findLast((size) => size.lengthMm !== null && size.row < row);
	const rows = row - (before?.row ?? 0);
	const heightMm = (lengthMm ?? 0) - (before?.lengthMm ?? 0);
	const { look } = making;
	if (!look || lengthMm === null || rows < leastRows) return null;
	const measure = look.kind === 'crochet' ? ('swatch' as const) : ('woven' as const);
	if (look.kind === 'finger-bands') return null;
	if (measure === 'swatch' && entry.widthMm === null) return null;
	const typed: MeasurementEntry = {
		type: 'measurement',
		measure,
		planId: '',
		maker: null,
		measuredOn: '',
		counted: measure === 'swatch' ? (look.stitch?.count ?? 0) : rows,
		rows: measure === 'swatch' ? rows : null,
		lengthMm: measure === 'swatch' ? (entry.widthMm ?? 0) : heightMm,
		heightMm: measure === 'swatch' ? heightMm : null,
		bagsUsed: null,
		strandMm: null,
		massG: null,
		isSure: entry.isSure
	};
	if (heightMm <= 0) return { measure, typed, readings: null };
	const read = readingsOf(typed, basisOf(planOfShape(document.plan)));
	return { measure, typed, readings: read.readings ?? null };
}

/** Keeps the size of a mat at a row; where it grew by enough rows since, its gauge goes to the measures. */
export async function keepMatSize(
	db: Db,
	entry: MatSizeEntry,
	booked: Booked
): Promise<SaveResult> {
	const mat = await findMatMade(db, entry.mat, booked.entryId);
	if (mat.problem !== undefined) return refuse('mat', mat.problem);
	const { row, lengthMm, widthMm } = entry;
	const made = mat.made.near + mat.made.far;
	if (row > made) return refuse('row', msg.rowsAreMadeCountThem({ made }));
	const learned = rowsSince(mat, entry);
	if (learned && !learned.readings) return refuse('length', msg.itWasLongerThanThat());
	const { look, rows } = mat.making;
	if (look && rows) {
		const along = look.isLengthwise ? look.widthMm : look.lengthMm;
		const far = askFarOff(booked, [
			{
				what: msg.length(),
				value: lengthMm,
				// Where it is made of parts, none says how long it is so far.
				expected: rows.parts > 1 ? null : (along * row) / rows.total,
				least: along / 20
			},
			{
				what: msg.width(),
				value: widthMm,
				expected: rows.parts > 1 ? null : look.isLengthwise ? look.lengthMm : look.widthMm
			}
		]);
		if (far) return far;
	}
	const no = learned?.readings ? whyNot(learned.readings, entry.isSure, 'length') : null;
	if (no) return no;
	await keepRead(db, booked.entryId, mat.id, { row, lengthMm, widthMm });
	if (learned?.readings)
		await keepTaught(db, mat, learned.measure, learned.readings, booked, learned.typed);
	return { outcome: 'kept', id: booked.entryId };
}

/** Keeps what is left of a colour by weight; where enough rows took of it, strand a stitch goes to the measures. */
export async function keepWeighed(
	db: Db,
	{ mat: code, colour, massG }: WeighedEntry,
	booked: Booked
): Promise<SaveResult> {
	const mat = await findMatMade(db, code, booked.entryId);
	if (mat.problem !== undefined) return refuse('mat', mat.problem);
	const { said, making, made } = mat;
	const ktex = densityOf(said.issued, colour);
	const { look } = making;
	if (ktex === null || !look) return refuse('colour', msg.noWasGivenForIt({ colour }));
	const leftM = massG / ktex;
	const stripes = workOrder(look.stripes, made);
	const count = made.near + made.far;
	const own = plannedColour(look.stripes, colour);
	const given = asPlanned(look.stripes, said.given);
	const weighed = asPlanned(look.stripes, said.weighed);
	if (leftM > (strandGiven(stripes, look.rowM, given, weighed)[own] ?? 0) * 1.25)
		return refuse('mass', msg.thatIsMoreThanWas());
	const neededM = (at: number) =>
		strandLeft(stripes, at, look.rowM, {}).find((one) => one.colour === own)?.neededM ?? 0;
	const last = weighed.findLast((one) => one.colour === own);
	const expectedM = neededM(last?.made ?? 0) - neededM(count);
	// What was there by then is what was weighed last and was given since.
	const since = given.filter((one) => one.colour === own && one.at > (last?.at ?? 0));
	const thereM = (last?.leftM ?? 0) + since.reduce((sum, { metres }) => sum + metres, 0);
	const takenM = thereM - leftM;
	const plan = planOfShape(mat.document.plan);
	const readings: Readings | null =
		look.stitch && expectedM >= leastRows * look.rowM && takenM > 0
			? {
					strandPerStitch: {
						ratio: (takenM / expectedM) * pointFor(plan, mat.practice).factors.strandPerStitch,
						cv: defaults.swatchSpread.value
					}
				}
			: null;
	await keepRead(db, booked.entryId, mat.id, { leftM, made: count });
	// Balls without a label may have been worked, too: what comes out odd for that is no measure of hands.
	if (readings && !oddReading(readings) && impossibleWords(readings) === null)
		await keepTaught(db, mat, 'swatch', readings, booked, { colour, massG, rows: count });
	return { outcome: 'kept', id: booked.entryId };
}
