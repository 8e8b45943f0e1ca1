import { checks as say } from '$lib/words/check';
import type { Db } from '$lib/server/db/db';
import type { CheckResult } from '$lib/core/check/judge-mat';
import { judgeForPlaces } from '$lib/core/check/judge-mat';
import { faults as allFaults } from '$lib/core/check/faults';
import type { Readings } from '$lib/core/calibrate/readings';
import { matReading } from '$lib/core/calibrate/mat-reading';
import { planProblems } from '$lib/core/model/plan-problems';
import type { ThingEvent } from '$lib/core/store/forms';
import type { CheckEntry, FinishEntry, MendedEntry } from '$lib/entries/types/check';
import type { TeachesEntry } from '$lib/entries/types/taken-apart';
import { impossibleWords, oddReading, oddWords } from '$lib/measures/plan-basis';
import { planOfShape } from '$lib/stages/plan/document/document';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import { findThing, happenTo, holdThing } from '$lib/server/book/things';
import type { ThingLine } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { listAccepting } from '$lib/server/gather/places';
import { bagsGiven } from '$lib/server/making/given-bags';
import { makingOfVersion } from '$lib/server/making/makings';
import { matInHand } from '$lib/server/making/mat-in-hand';
import { keepTaught } from '$lib/server/measures/taught';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { findPlanVersion } from '$lib/server/plan/plan-versions';

/** Finishes a mat: its rows are made and its ends are hidden, and it waits to be checked. */
export const keepFinish = (
	db: Db,
	{ mat }: FinishEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		await holdThing(db, mat);
		const found = await matInHand(db, mat);
		if (found.problem !== undefined) return refuse('mat', found.problem);
		await happenTo(db, entryId, found.id, 'finished');
		return { outcome: 'kept', id: entryId };
	});

/** The mat with a label, where it may be checked; else why not. */
async function matToCheck(
	db: Db,
	code: string,
	may: readonly (ThingEvent | null)[]
): Promise<ThingLine | { readonly problem: string }> {
	const thing = await findThing(db, code);
	if (!thing) return { problem: say.noMatOfThisGroup() };
	if (thing.sort !== 'mat') return { problem: say.isOnNoMatBut({ code, sort: thing.sort }) };
	if (thing.state === null) return { problem: say.wasTakenBackItIs({ code }) };
	if (thing.state === 'begun' || thing.state === 'made')
		return { problem: say.isBeingMadeStillFinish({ code }) };
	if (!may.includes(thing.state)) return { problem: say.isNotWaitingForThat({ code }) };
	return thing;
}

/** What a result makes of a mat. */
const eventOf: Readonly<Record<CheckResult, ThingEvent>> = {
	good: 'good',
	mend: 'to-mend',
	apart: 'taken-apart',
	'other-use': 'other-use'
};

/** Keeps that a mat was mended: it is checked again. */
export const keepMended = (
	db: Db,
	{ mat }: MendedEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		await holdThing(db, mat);
		const found = await matToCheck(db, mat, ['to-mend']);
		if ('problem' in found) return refuse('mat', found.problem);
		await happenTo(db, entryId, found.id, 'mended');
		return { outcome: 'kept', id: entryId };
	});

interface Size {
	readonly widthMm: number;
	readonly lengthMm: number;
}

interface Taught extends Size {
	readonly bags: number;
	readonly readings: Readings;
}

/** What a mat of a size says of the bags it took, by the labels of its balls; null where none or no plan says so. */
async function taughtBy(
	db: Db,
	{ code, planId, planVersion }: Pick<ThingLine, 'code' | 'planId' | 'planVersion'>,
	size: Size
): Promise<Taught | null> {
	const version =
		planId !== null && planVersion !== null ? await findPlanVersion(db, planId, planVersion) : null;
	const bags = (await bagsGiven(db, [code])).get(code)?.bags ?? 0;
	if (!version || bags <= 0) return null;
	const plan = planOfShape(version.document.plan);
	if (planProblems({ ...plan, target: size }).length > 0) return null;
	return { ...size, bags, readings: { mat: matReading(plan, size, bags) } };
}

/** Sends to the measures what a good mat says, unless it is odd: then that is asked on its page. */
async function teach(db: Db, mat: ThingLine, size: Size, booked: Booked): Promise<void> {
	const taught = await taughtBy(db, mat, size);
	if (!taught) return;
	const { readings, widthMm, lengthMm, bags } = taught;
	if (oddReading(readings) || impossibleWords(readings) !== null) return;
	await keepTaught(db, mat, 'mat', readings, booked, { widthMm, lengthMm, bags });
}

/** What an odd mat would teach, and the question it raises. */
interface OddMat extends Taught {
	readonly words: string;
}

/** The question a good mat raises whose figures are odd; null where it raises none, or it was answered. */
export async function oddMat(
	db: Db,
	mat: Pick<ThingLine, 'id' | 'code' | 'planId' | 'planVersion'>
): Promise<OddMat | null> {
	const size = await db.maybeOne<Size>(
		`select c.width_mm as "widthMm", c.length_mm as "lengthMm" from last_check c
		 where c.group_id = $1 and c.thing_id = $2 and not exists (
			select 1 from teaching_said t where t.group_id = c.group_id and t.thing_id = c.thing_id
				and not exists (select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id))`,
		[db.groupId, mat.id]
	);
	const taught = size && (await taughtBy(db, mat, size));
	const odd = taught && oddReading(taught.readings);
	return odd && { ...taught, words: oddWords(odd) };
}

/** Keeps whether an odd mat is so: then it teaches, else it does not. Once is enough. */
export const keepTeaches = (
	db: Db,
	{ mat: code, isSo }: TeachesEntry,
	booked: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		await holdThing(db, code);
		const mat = await findThing(db, code);
		const odd = mat?.sort === 'mat' ? await oddMat(db, mat) : null;
		if (!mat || !odd) return refuse('mat', say.nothingIsAskedOfThat());
		const { readings, widthMm, lengthMm, bags } = odd;
		const impossible = isSo ? impossibleWords(readings) : null;
		if (impossible !== null) return refuse('is_so', impossible);
		await db.execute(
			'insert into teaching_said (group_id, entry_id, thing_id, is_so) values ($1, $2, $3, $4)',
			[db.groupId, booked.entryId, mat.id, isSo]
		);
		if (isSo) await keepTaught(db, mat, 'mat', readings, booked, { widthMm, lengthMm, bags });
		return { outcome: 'kept', id: booked.entryId };
	});

/** Keeps a check: what was found, and what it comes to. Two who check one mat at once are both kept, one after the other. */
export const keepCheck = (db: Db, entry: CheckEntry, booked: Booked): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const { entryId } = booked;
		await holdThing(db, entry.mat);
		const mat = await matToCheck(db, entry.mat, [
			'finished',
			'mended',
			'to-mend',
			'good',
			'other-use',
			'sent-back'
		]);
		if ('problem' in mat) return refuse('mat', mat.problem);
		const { planId, planVersion } = mat;
		const version =
			planId !== null && planVersion !== null
				? await findPlanVersion(db, planId, planVersion)
				: null;
		const making =
			version &&
			planId !== null &&
			makingOfVersion(
				{ planId, planVersion: version.version },
				version.document,
				await practiceOfGroup(db)
			);
		if (!version || !making || !making.look)
			return refuse('mat', say.thePlanOfCannotBe({ mat: entry.mat }));
		const { kind, widthMm, lengthMm, isLengthwise } = making.look;
		const odd = entry.faults.find((one) => !allFaults[one.kind].techniques.includes(kind));
		if (odd) return refuse('faults', say.oneOfTheFaultsIs());
		const far = askFarOff(booked, [
			{ what: say.length(), value: entry.lengthMm, expected: lengthMm },
			{ what: say.width(), value: entry.widthMm, expected: widthMm },
			// Of a mat as large as this one is.
			{
				what: say.weight(),
				value: entry.massG,
				expected: (making.massG * entry.widthMm * entry.lengthMm) / (widthMm * lengthMm)
			}
		]);
		if (far) return far;
		const judged = judgeForPlaces(
			{ ...entry, technique: kind, isLengthwise },
			{ widthMm, lengthMm, massG: making.massG, sleeperMm: making.sleeperMm ?? undefined },
			await listAccepting(db)
		);
		const result = entry.result ?? judged.result;
		await db.execute(
			`insert into mat_check (group_id, entry_id, thing_id, result, width_mm, length_mm, mass_g, found)
			 values ($1, $2, $3, $4, $5, $6, $7, $8)`,
			[
				db.groupId,
				entryId,
				mat.id,
				result,
				entry.widthMm,
				entry.lengthMm,
				entry.massG,
				{
					goesThrough: entry.goesThrough,
					faults: entry.faults,
					reasons: judged.reasons,
					notes: judged.notes,
					uses: judged.uses,
					minutes: judged.minutes,
					why: entry.why
				}
			]
		);
		await happenTo(db, entryId, mat.id, eventOf[result], entry.massG);
		if (result === 'good' && mat.state !== 'good')
			await teach(db, mat, { widthMm: entry.widthMm, lengthMm: entry.lengthMm }, booked);
		return { outcome: 'kept', id: entryId };
	});
