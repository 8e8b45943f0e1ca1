import { exerciseKinds, exerciseOf, isRight } from '$lib/core/know-how/exercises';
import { whileReached } from '$lib/server/db/away';
import { readerOf } from '$lib/server/web/reader';
import { z } from 'zod';
import type { PageServerLoad } from './$types';

const shape = z.object({
	kind: z.enum(exerciseKinds).catch('slit'),
	seed: z.coerce.number().int().min(0).max(1_000_000_000).optional().catch(undefined),
	answer: z.coerce.number().optional().catch(undefined)
});

/** A question of a kind by its seed, and what was answered; a seed that is not given is any. */
export const load: PageServerLoad = async (event) => {
	const asked = shape.parse(Object.fromEntries(event.url.searchParams));
	const seed = asked.seed ?? Math.floor(Math.random() * 1_000_000);
	const { facts, options } = exerciseOf(asked.kind, seed);
	const answer = options.find((option) => option === asked.answer) ?? null;
	const { lengthSystem } = await whileReached(readerOf(event));
	return {
		seed,
		facts,
		options,
		answer,
		isRight: answer === null ? null : isRight(facts, answer),
		system: lengthSystem
	};
};
