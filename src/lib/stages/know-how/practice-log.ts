import { practiceLog as say } from '$lib/words/know-how';
import type { ExerciseKind } from '$lib/core/know-how/exercises';
import { exerciseKinds } from '$lib/core/know-how/exercises';
import type { Answered, Repeat } from '$lib/core/know-how/repeats';
import type { KindPractised } from '$lib/stages/people/practised-seats';
import { repeatOf } from '$lib/core/know-how/repeats';

/** An answer to a question of a kind. */
export interface KindAnswered extends Answered {
	readonly kind: ExerciseKind;
}

/** The slot of the device’s store, and how many answers it holds: the oldest go first. */
const slot = 'nest-row-practice';
const most = 400;

const isAnswered = (one: unknown): one is KindAnswered => {
	const { kind, at, isRight } = (one ?? {}) as Partial<Record<keyof KindAnswered, unknown>>;
	return (
		exerciseKinds.some((name) => name === kind) &&
		Number.isFinite(at) &&
		typeof isRight === 'boolean'
	);
};

/** What was practised on this device; nothing where its store is shut or holds something else. */
export function readLog(store: Pick<Storage, 'getItem'>): KindAnswered[] {
	try {
		const kept: unknown = JSON.parse(store.getItem(slot) ?? '[]');
		return Array.isArray(kept) ? kept.filter(isAnswered) : [];
	} catch {
		return [];
	}
}

/** Lays an answer by on this device; whether it could. */
export function addToLog(
	store: Pick<Storage, 'getItem' | 'setItem'>,
	answered: KindAnswered
): boolean {
	try {
		store.setItem(slot, JSON.stringify([...readLog(store), answered].slice(-most)));
		return true;
	} catch {
		return false;
	}
}

/** When each kind that was practised comes back. */
export function repeatsOf(log: readonly KindAnswered[]): Map<ExerciseKind, Repeat> {
	const repeats = new Map<ExerciseKind, Repeat>();
	for (const kind of exerciseKinds) {
		const answers = log.filter((one) => one.kind === kind);
		if (answers.length > 0) repeats.set(kind, repeatOf(answers));
	}
	return repeats;
}

/** How each kind that was practised went, and whether it sits. */
export const practisedKinds = (log: readonly KindAnswered[]): KindPractised[] =>
	[...repeatsOf(log)].map(([kind, { answers, sits }]) => ({
		kind,
		asked: answers,
		right: log.filter((one) => one.kind === kind && one.isRight).length,
		sits
	}));

/** What to practise next: what is due longest, then what was never asked, then what comes back first. */
export function nextKind(
	repeats: ReadonlyMap<ExerciseKind, Repeat>,
	now: number,
	but: ExerciseKind
): ExerciseKind {
	const due = (kind: ExerciseKind): number => repeats.get(kind)?.due ?? now;
	return (
		exerciseKinds
			.filter((kind) => kind !== but)
			.toSorted((one, other) => due(one) - due(other))
			.at(0) ?? but
	);
}

/** When a kind comes back, in words. */
export function repeatWords(repeat: Repeat | undefined, now: number): string {
	if (!repeat) return say.notTriedYet();
	const away = repeat.due - now;
	const back =
		away <= 0
			? say.againNow()
			: away < 90 * 60_000
				? say.againInMin({ max: Math.max(1, Math.round(away / 60_000)) })
				: away < 36 * 3_600_000
					? say.againInHours({ round: Math.round(away / 3_600_000) })
					: say.againInDays({ round: Math.round(away / 86_400_000) });
	return repeat.sits ? say.itSits({ back }) : back;
}
