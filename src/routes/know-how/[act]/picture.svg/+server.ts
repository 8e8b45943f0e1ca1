import { KnowHowActCardPdfDoor as say } from '$lib/words/know-how';
import { handAsked } from '$lib/server/know-how/hand-asked';
import { ownThings } from '$lib/server/know-how/own-things';
import { sceneSvg } from '$lib/server/know-how/scene-svg';
import { readerOf } from '$lib/server/web/reader';
import { sceneAt } from '$lib/stages/know-how/act-player.svelte';
import { stepsOf } from '$lib/stages/know-how/lessons';
import { box, type ActStep } from '$lib/stages/know-how/lessons/lesson';
import type { Hand } from '$lib/stages/know-how/left-hand';
import type { Scene } from '$lib/core/drawing/scene';
import { lessonOf } from '$lib/stages/know-how/links/lesson-titles';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Less than this is drawn of what is left where little is: it tells nobody what was done. */
const fewMarks = 5;

/** An act as it is left, or the step that shows most of it where little is left to see. */
function mostTelling(steps: readonly ActStep[], last: ActStep, hand: Hand): Scene {
	const drawn = (step: ActStep) => sceneAt(step, 1, box, hand);
	const left = drawn(last);
	if (left.marks.length >= fewMarks) return left;
	return steps
		.map(drawn)
		.reduce((most, one) => (one.marks.length > most.marks.length ? one : most));
}

/** An act as it is left, drawn with the group's own things: the picture it is found by. */
export const GET: RequestHandler = async (event) => {
	const act = lessonOf(event.params.act);
	if (!act) error(404, { message: say.thereIsNoSuchAct() });
	const hand = handAsked(event.url, event.cookies);
	const [{ lengthSystem: system, stitchTerms: terms }, things] = await Promise.all([
		readerOf(event),
		ownThings(event.locals.db)
	]);
	const steps = things
		.map((own) => stepsOf(act, { ...own, system, terms, box }, hand))
		.find((drawn) => drawn !== null);
	const last = steps?.at(-1);
	if (!steps || !last) error(404, { message: say.thereIsNoSuchAct() });
	return new Response(sceneSvg(mostTelling(steps, last, hand)), {
		headers: { 'content-type': 'image/svg+xml', 'cache-control': 'private, max-age=3600' }
	});
};
