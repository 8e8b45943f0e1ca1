import { createEmptyCard, fsrs, Rating, State } from 'ts-fsrs';
import { within } from '../domain-error';

/** What came of one question: when it was answered, ms since 1970, and whether rightly. */
export interface Answered {
	readonly at: number;
	readonly isRight: boolean;
}

/** When a kind of question is to come back, and whether it sits. */
export interface Repeat {
	/** ms since 1970; never before the last answer. */
	readonly due: number;
	/** It would be known still a week after the last answer, and that answer was right. */
	readonly sits: boolean;
	readonly answers: number;
}

/** Without chance: the same answers always come back at the same time. */
const scheduler = fsrs({ enable_fuzz: false });
const sitsForDays = 7;

/**
 * When a kind of question comes back, by how its answers went: wrong ones in minutes, right ones in days and then weeks.
 *
 * @param answers in any order, one or more
 * @throws DomainError where none are given
 * @source the free spaced repetition scheduler, its usual weights
 * @example repeatOf([{ at: 0, isRight: false }]).sits // false
 */
export function repeatOf(answers: readonly Answered[]): Repeat {
	within('answers', answers.length, { atLeast: 1 });
	const inOrder = answers.toSorted((one, other) => one.at - other.at);
	let card = createEmptyCard(inOrder[0]?.at ?? 0);
	for (const { at, isRight } of inOrder)
		card = scheduler.next(card, at, isRight ? Rating.Good : Rating.Again).card;
	return {
		due: card.due.getTime(),
		sits:
			card.state === State.Review &&
			card.stability >= sitsForDays &&
			(inOrder.at(-1)?.isRight ?? false),
		answers: inOrder.length
	};
}
