import { PrepareThingsCodeActs as say } from '$lib/words/prepare';
import { readCode } from '$lib/core/code/code';
import { codeWords } from '$lib/ui/code-words';
import { findThing } from '$lib/server/book/things';
import { isReserved } from '$lib/server/book/codes';
import { listHappenings } from '$lib/server/prepare/balls';
import { listLoadedLooms } from '$lib/server/prepare/loaded-looms';
import { plansForBall } from '$lib/server/prepare/plans-for-ball';
import type { BallContent } from '$lib/stages/prepare/balls';
import type { PageServerLoad } from './$types';

const isBall = (sort: string): sort is 'ball' | 'chain' => sort === 'ball' || sort === 'chain';

/** The thing that a label is on: what it is, what is in it and what happened to it. */
export const load: PageServerLoad = async ({ params, locals, depends }) => {
	depends('app:gather');
	const typed = params.code.slice(0, 40);
	const read = readCode(typed);
	if (read.problem !== undefined)
		return { typed, problem: codeWords[read.problem], thing: null, mat: null };
	const thing = await findThing(locals.db, read.code);
	if (!thing) {
		const isPrinted = await isReserved(locals.db, read.serial);
		return {
			typed,
			problem: isPrinted ? say.thisLabelIsOnNothing() : say.nothingHereHasThatCode(),
			thing: null,
			mat: null
		};
	}
	const [happened, looms, suits] = await Promise.all([
		listHappenings(locals.db, thing.id),
		listLoadedLooms(locals.db),
		isBall(thing.sort) ? plansForBall(locals.db, thing.content as unknown as BallContent) : []
	]);
	return {
		typed,
		problem: null,
		thing: {
			code: thing.code,
			sort: thing.sort,
			state: thing.state,
			ball: isBall(thing.sort) ? (thing.content as unknown as BallContent) : null,
			happened,
			suits
		},
		mat: looms.find(({ code }) => code === thing.code) ?? null
	};
};
