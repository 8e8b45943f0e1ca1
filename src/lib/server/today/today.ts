import { byPressing } from '$lib/core/season/acts';
import type { AskLine } from '$lib/stages/hand-over/hand-over-view';
import { needOf } from '$lib/stages/hand/mat-view';
import type { MatLine, MatNeed } from '$lib/stages/hand/mat-view';
import { needWords, whoseWords } from '$lib/stages/hand/mat-words';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import type { TodayAct } from '$lib/stages/today/today-view';
import { shortDayWords, weekdayWords } from '$lib/ui/day-words';
import { daysBetween } from '$lib/ui/days';
import { capital, smallNumber, wholeNumber } from '$lib/ui/number-words';
import type { GroupId } from '$lib/server/base/group-id';
import { maybeOne, one } from '$lib/server/db/verbs';
import type { SeasonRead } from '$lib/server/season/season-now';
import { listDrying } from '$lib/server/gather/drying';

/** The day it is in the hall, and where that is. */
interface Today {
	readonly today: string;
	readonly timeZone: string;
}

/** Whether anything was ever kept: a plan, or an entry. */
export const isAnythingKept = async (groupId: GroupId): Promise<boolean> =>
	(
		await one<{ isKept: boolean }>(
			`select exists (select 1 from entry where group_id = $1)
				or exists (select 1 from plan where group_id = $1 and deleted_at is null) as "isKept"`,
			[groupId]
		)
	).isKept;

/** What a need of a mat is worth, and how long it can wait. */
const needWorth: Readonly<Partial<Record<MatNeed, { worth: number; days: number; does: string }>>> =
	{
		finish: { worth: 1, days: 2, does: 'Finish it' },
		ball: { worth: 0.6, days: 1, does: 'Give a ball' },
		fetch: { worth: 0.8, days: 4, does: 'See to it' },
		lacks: { worth: 0.6, days: 6, does: 'See what lacks' },
		narrows: { worth: 0.6, days: 4, does: 'Look at it' },
		ask: { worth: 0.6, days: 7, does: 'Write a word' }
	};

const matActs = (mats: readonly MatLine[]): TodayAct[] =>
	mats.flatMap((mat): TodayAct[] => {
		const need = needOf(mat);
		const own = needWorth[need];
		if (!own) return [];
		return [
			{
				id: `mat-${mat.code}`,
				title: capital(`${whoseWords(mat)}: ${needWords(need, mat)}`),
				reason: `${mat.planName}, ${Math.round(100 * mat.share)} % made.`,
				when: own.days <= 1 ? 'now' : 'this week',
				href: `/make/${mat.code}`,
				...own
			}
		];
	});

const askActs = (asks: readonly AskLine[], today: string): TodayAct[] =>
	asks.flatMap((ask): TodayAct[] => {
		const { id, placeName, mats, handed, promised, byDay, counts, isDone } = ask;
		const days = daysBetween(today, byDay);
		if (isDone || days < 0) return [];
		const open = mats - handed;
		const owed = Math.max(0, (promised ?? 0) - handed);
		if (owed > counts.high)
			return [
				{
					id: `short-${id}`,
					title: `${placeName} will come short: tell them`,
					reason: `${capital(smallNumber(owed))} are promised still, and ${smallNumber(counts.high)} at the most will be there.`,
					when: shortDayWords(byDay),
					href: '/hand-over/asks',
					does: 'Look at the promise',
					worth: owed - counts.high,
					days: Math.min(days, 7)
				}
			];
		if (counts.ready === 0) return [];
		return [
			{
				id: `pack-${id}`,
				title: `Pack ${smallNumber(counts.ready)} for ${placeName}`,
				reason: `They ask for ${wholeNumber(open)} more by ${shortDayWords(byDay)}; ${smallNumber(counts.ready)} lie ready.`,
				when: shortDayWords(byDay),
				href: '/hand-over',
				does: 'Pack them',
				worth: counts.ready,
				days: Math.min(days, 14)
			}
		];
	});

interface NextDay {
	readonly id: string;
	readonly day: string;
	readonly people: number;
	readonly seated: number;
}

/** The next table day, where it is not behind. */
const nextDay = (groupId: GroupId, { today }: Today): Promise<NextDay | null> =>
	maybeOne<NextDay>(
		`select d.id, to_char(d.day, 'YYYY-MM-DD') as day,
			(select count(*)::integer from day_person p where p.group_id = d.group_id and p.day_id = d.id) as people,
			(select count(distinct s.person_id)::integer from seat s where s.group_id = d.group_id and s.day_id = d.id) as seated
		 from table_day d where d.group_id = $1 and d.called_off_at is null and d.day >= $2::date
		 order by d.day, d.id limit 1`,
		[groupId, today]
	);

function dayActs(day: NextDay | null, today: string): TodayAct[] {
	if (!day) return [];
	const days = daysBetween(today, day.day);
	const open = day.people - day.seated;
	if (days > 10 || (open <= 0 && day.people > 0)) return [];
	const name = weekdayWords(day.day);
	return [
		{
			id: `day-${day.id}`,
			title:
				day.people === 0
					? `Who comes on ${name}?`
					: `${capital(smallNumber(open))} without a seat on ${name}`,
			reason:
				day.people === 0
					? 'Nobody has said yes yet: ask who comes.'
					: `${capital(smallNumber(day.people))} said they come; a seat for each lets the strand flow.`,
			when: days === 0 ? 'today' : shortDayWords(day.day),
			href: day.people === 0 ? `/prepare/days#day-${day.id}` : `/prepare/days/${day.id}`,
			does: day.people === 0 ? 'Say who comes' : 'Seat them',
			worth: 0.8,
			days
		}
	];
}

/** The next few acts, those that press most first. */
export async function actsOfToday(
	groupId: GroupId,
	now: Today,
	{ basis, mats, asks, checks, said }: SeasonRead & { readonly said: SeasonSaid | null }
): Promise<TodayAct[]> {
	const [drying, day] = await Promise.all([listDrying(groupId), nextDay(groupId, now)]);
	const { bagsPerMat } = basis;
	const toCheck = checks.mats.filter(({ state }) => state !== 'to-mend').length;
	const toMend = checks.mats.length - toCheck;
	const hangs = drying.filter(({ endedAt }) => !endedAt);
	const hanging = hangs.reduce((sum, one) => sum + one.hanging, 0);
	const [first] = hangs;
	const bagsShare = said?.heldBackBy.bags ?? 0;
	const acts: TodayAct[] = [
		...matActs(mats),
		...askActs(asks, now.today),
		...dayActs(day, now.today),
		...(toCheck > 0
			? [
					{
						id: 'check',
						title:
							toCheck === 1 ? 'One mat to check' : `${capital(smallNumber(toCheck))} mats to check`,
						reason: 'A good one can go this week; one that must be mended, the week after.',
						when: 'this week',
						href: '/check',
						does: 'Check them',
						worth: toCheck,
						days: 4
					}
				]
			: []),
		...(toMend > 0
			? [
					{
						id: 'mend',
						title:
							toMend === 1 ? 'One mat to mend' : `${capital(smallNumber(toMend))} mats to mend`,
						reason: 'Minutes, each, and it is a mat more.',
						when: 'this week',
						href: '/check',
						does: 'See how',
						worth: toMend,
						days: 6
					}
				]
			: []),
		...(first && hanging > 0
			? [
					{
						id: 'drying',
						title: `${wholeNumber(hanging)} bags hang to dry`,
						reason: `From ${first.place}. What stays damp smells, and is lost.`,
						when: 'now',
						href: '/gather/sort',
						does: 'Look again',
						worth: Math.max(0.1, hanging / bagsPerMat),
						days: Math.max(0, Math.round((first.lookAgainAt.getTime() - Date.now()) / 86_400_000))
					}
				]
			: []),
		...(bagsShare > 0.2
			? [
					{
						id: 'bags',
						title: 'Ask for bags',
						reason: `Bags hold the season back in ${Math.round(100 * bagsShare)} of 100 that fall short.`,
						when: 'this week',
						href: '/gather/asks',
						does: 'What to ask for',
						worth: 3 * bagsShare,
						days: 7
					}
				]
			: [])
	];
	return byPressing(acts);
}
