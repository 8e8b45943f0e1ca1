import type { Role } from '$lib/server/base/roles';
import { Answers, markOf } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import { listAway, type AwaySpan } from '$lib/server/people/away';
import { listPeopleNames } from '$lib/server/people/people';
import { findRhythm, keepDaysAhead } from '$lib/server/people/rhythm';
import { changesSince } from '$lib/server/season/forecasts';
import { listForetold } from '$lib/server/season/foretold';
import { keepLook, lookOfLastWeek, lookOfWeeksAgo } from '$lib/server/season/looks';
import { readSeason, seasonTables } from '$lib/server/season/season-now';
import type { Foretold } from '$lib/stages/season/foretold';
import type { SeasonLook } from '$lib/stages/season/season-look';
import type { SeasonAway } from '$lib/stages/season/season-weeks';
import type { SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import type { GroupRhythm } from '$lib/stages/table-day/rhythm-view';
import type { HallDay } from '$lib/ui/reader';
import { chainNow, type Chain } from './chain-now';

/** All that the page of the season shows beside its forecast. */
interface SeasonPage {
	readonly basis: SeasonBasis;
	readonly chain: Chain;
	readonly rhythm: GroupRhythm | null;
	readonly away: readonly AwaySpan[];
	readonly foretold: readonly Foretold[];
	/** How it stood a week ago, and four weeks ago. */
	readonly look: SeasonLook | null;
	readonly longAgo: SeasonLook | null;
}
const pages = new Answers<SeasonPage>(seasonTables);

/** Weeks after which what was forecast is held against what came. */
const weeksLookedBack = 4;

/** What the page of the season shows: read once, for as long as nothing of it changes. */
export async function readSeasonPage(db: Db, { today, timeZone }: HallDay): Promise<SeasonPage> {
	const now = { today, timeZone };
	await keepDaysAhead(db, today);
	const mark = await markOf(db, seasonTables);
	return pages.of(
		db,
		now,
		async () => {
			const [season, chain, rhythm, away, foretold, look, longAgo] = await Promise.all([
				readSeason(db, now, mark),
				chainNow(db, now, mark),
				findRhythm(db),
				listAway(db, today),
				listForetold(db, now),
				lookOfLastWeek(db, today),
				lookOfWeeksAgo(db, today, weeksLookedBack)
			]);
			return { basis: season.basis, chain, rhythm, away, foretold, look, longAgo };
		},
		mark
	);
}

/** Who is away, by name for those who may know it. */
export const awayFor = (role: Role | null, away: readonly AwaySpan[]): SeasonAway[] =>
	away.map(({ from, to, name }) => ({
		from,
		to,
		name: role === 'coordinator' || role === 'helper' ? name : null
	}));

/** Names by ids, for those who may know them. */
async function namesFor(db: Db, role: Role | null): Promise<Record<string, string>> {
	if (role !== 'coordinator' && role !== 'helper') return {};
	return Object.fromEntries((await listPeopleNames(db)).map(({ id, name }) => [id, name]));
}

/** What changed since the season was looked at a week ago, and what that did to a goal; null where nobody looked. */
export async function changedSince(
	db: Db,
	{ basis, look }: SeasonPage,
	goal: SeasonGoal,
	said: SeasonSaid,
	role: Role | null
) {
	await keepLook(db, basis, said.goals, said.allWeeks.slice(0, 30));
	if (!look?.basis.hasRhythm) return null;
	const before = look.said.find(({ by }) => by === goal.by);
	return {
		day: look.day,
		before: before?.expected ?? null,
		changes: await changesSince(look.basis, basis, goal),
		names: await namesFor(db, role)
	};
}
