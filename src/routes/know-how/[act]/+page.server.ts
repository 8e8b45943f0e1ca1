import { KnowHowActActs as say } from '$lib/words/know-how';
import { handAsked } from '$lib/server/know-how/hand-asked';
import { ownThings } from '$lib/server/know-how/own-things';
import { readerOf } from '$lib/server/web/reader';
import { lessons, stepsOf } from '$lib/stages/know-how/lessons';
import { box } from '$lib/stages/know-how/lessons/lesson';
import { actNames, lessonOf } from '$lib/stages/know-how/links/lesson-titles';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const act = lessonOf(event.params.act);
	if (!act) error(404, { message: say.thereIsNoSuchAct() });
	const hand = handAsked(event.url, event.cookies);
	const [{ lengthSystem: system, stitchTerms: terms }, things] = await Promise.all([
		readerOf(event),
		ownThings(event.locals.db)
	]);
	const drawn = things.map((own) => stepsOf(act, { ...own, system, terms, box }, hand));
	const { when, practice, schools } = lessons[act];
	const at = actNames.indexOf(act);
	return {
		act,
		hand,
		when,
		practice: practice ?? null,
		schools: schools ?? [],
		steps: drawn.find((steps) => steps !== null) ?? [],
		before: actNames[at - 1] ?? null,
		after: actNames[at + 1] ?? null
	};
};
