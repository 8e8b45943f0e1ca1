import type { CheckResult } from '$lib/core/check/judge-mat';
import { judgeMat } from '$lib/core/check/judge-mat';
import { faults as allFaults } from '$lib/core/check/faults';
import { matReading } from '$lib/core/calibrate/mat-reading';
import { planProblems } from '$lib/core/model/plan-problems';
import type { ThingEvent } from '$lib/core/store/forms';
import type { CheckEntry, FinishEntry, MendedEntry } from '$lib/entries/types/check';
import { impossibleWords, oddReading } from '$lib/measures/plan-basis';
import type { PlanDocument } from '$lib/stages/plan/document/document';
import { planOfShape } from '$lib/stages/plan/document/document';
import type { GroupId } from '$lib/server/base/group-id';
import type { Booked } from '$lib/server/book/entries';
import { findThing, happenTo, holdThing } from '$lib/server/book/things';
import type { ThingLine } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { withTransaction } from '$lib/server/db/transaction';
import { execute } from '$lib/server/db/verbs';
import { bagsGiven } from '$lib/server/hand/given-bags';
import { makingOfVersion } from '$lib/server/hand/makings';
import { matInHand } from '$lib/server/hand/mat-in-hand';
import { keepTaught } from '$lib/server/measures/taught';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { findPlanVersion } from '$lib/server/plan/plan-versions';

/** Finishes a mat: its rows are made and its ends are hidden, and it waits to be checked. */
export const keepFinish = (
	groupId: GroupId,
	{ mat }: FinishEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	withTransaction(async (client): Promise<SaveResult> => {
		await holdThing(client, groupId, mat);
		const found = await matInHand(groupId, mat);
		if (found.problem !== undefined) return refuse('mat', found.problem);
		await happenTo(client, groupId, entryId, found.id, 'finished');
		return { outcome: 'kept', id: entryId };
	});

/** The mat with a label, where it may be checked; else why not. */
async function matToCheck(
	groupId: GroupId,
	code: string,
	may: readonly (ThingEvent | null)[]
): Promise<ThingLine | { readonly problem: string }> {
	const thing = await findThing(groupId, code);
	if (!thing) return { problem: 'No mat of this group has that label.' };
	if (thing.sort !== 'mat') return { problem: `${code} is on no mat, but on a ${thing.sort}.` };
	if (thing.state === null) return { problem: `${code} was taken back: it is no mat any more.` };
	if (thing.state === 'begun' || thing.state === 'made')
		return { problem: `${code} is being made still: finish it first.` };
	if (!may.includes(thing.state))
		return { problem: `${code} is not waiting for that any more. Look at how it stands.` };
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
	groupId: GroupId,
	{ mat }: MendedEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	withTransaction(async (client): Promise<SaveResult> => {
		await holdThing(client, groupId, mat);
		const found = await matToCheck(groupId, mat, ['to-mend']);
		if ('problem' in found) return refuse('mat', found.problem);
		await happenTo(client, groupId, entryId, found.id, 'mended');
		return { outcome: 'kept', id: entryId };
	});

/** What a good mat teaches of the bags it took: only where all of them were given by their labels, and nothing odd. */
async function teach(
	groupId: GroupId,
	mat: ThingLine,
	size: { readonly widthMm: number; readonly lengthMm: number },
	document: PlanDocument,
	booked: Booked
): Promise<void> {
	const plan = planOfShape(document.plan);
	const bags = (await bagsGiven(groupId, [mat.code])).get(mat.code)?.bags ?? 0;
	if (bags <= 0 || planProblems({ ...plan, target: size }).length > 0) return;
	const readings = { mat: matReading(plan, size, bags) };
	if (oddReading(readings) || impossibleWords(readings) !== null) return;
	await keepTaught(groupId, mat, 'mat', readings, booked, { ...size, bags });
}

/** Keeps a check: what was found, and what it comes to. Two who check one mat at once are both kept, one after the other. */
export const keepCheck = (
	groupId: GroupId,
	entry: CheckEntry,
	booked: Booked
): Promise<SaveResult> =>
	withTransaction(async (client): Promise<SaveResult> => {
		const { entryId } = booked;
		await holdThing(client, groupId, entry.mat);
		const mat = await matToCheck(groupId, entry.mat, [
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
				? await findPlanVersion(groupId, planId, planVersion)
				: null;
		const making =
			version &&
			planId !== null &&
			makingOfVersion(
				{ planId, planVersion: version.version },
				version.document,
				await practiceOfGroup(groupId)
			);
		if (!version || !making || !making.look)
			return refuse(
				'mat',
				`The plan of ${entry.mat} cannot be made any more: nothing says how it should be.`
			);
		const { kind, widthMm, lengthMm } = making.look;
		const odd = entry.faults.find((one) => !allFaults[one.kind].techniques.includes(kind));
		if (odd) return refuse('faults', 'One of the faults is none that such a mat can have.');
		const judged = judgeMat(
			{ ...entry, technique: kind },
			{ widthMm, lengthMm, massG: making.massG }
		);
		const result = entry.result ?? judged.result;
		await execute(
			`insert into mat_check (group_id, entry_id, thing_id, result, width_mm, length_mm, mass_g, found)
			 values ($1, $2, $3, $4, $5, $6, $7, $8)`,
			[
				groupId,
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
					minutes: judged.minutes,
					why: entry.why
				}
			],
			client
		);
		await happenTo(client, groupId, entryId, mat.id, eventOf[result], entry.massG);
		if (result === 'good' && mat.state !== 'good')
			await teach(
				groupId,
				mat,
				{ widthMm: entry.widthMm, lengthMm: entry.lengthMm },
				version.document,
				booked
			);
		return { outcome: 'kept', id: entryId };
	});
