import { seasonSheet as say } from '$lib/words/sheets';
import { bandScene } from '$lib/core/drawing/band-scene';
import type { Foretold } from '$lib/stages/season/foretold';
import { hitsWords } from '$lib/stages/season/foretold';
import { restsOf } from '$lib/stages/season/rests-words';
import type { SeasonSaid } from '$lib/stages/season/season-said';
import type { SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import {
	addsWords,
	chanceWords,
	likelihood,
	heldNames,
	heldWords,
	leverWords,
	outlookWords,
	tenthsWords,
	thereWords
} from '$lib/stages/season/season-words';
import { longDayWords, shortDayWords, weekdayWords, yearDayWords } from '$lib/ui/day-words';
import { dayAfter } from '$lib/ui/days';
import { capital, smallNumber, wholeNumber } from '$lib/ui/number-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** A season on one page for the wall. */
export interface SeasonSheetOrder extends OnPaper {
	readonly groupName: string;
	readonly basis: SeasonBasis;
	readonly goal: SeasonGoal;
	readonly said: SeasonSaid;
	/** What is changed of the season, in words; nothing where nothing is. */
	readonly changed: string;
	readonly foretold: readonly Foretold[];
	readonly date: Date;
}

/** Table days that fit beside all else. */
const mostDays = 8;

/** The season as a PDF: will we make it, what holds us back, what would help, and what it rests on. */
export async function seasonSheet(order: SeasonSheetOrder): Promise<Uint8Array> {
	const { groupName, basis, goal, said, changed, foretold, isLarge } = order;
	const sheet = await beginSheet(order, () => ({
		title: say.theSeason(),
		planName: groupName,
		versionWords: say.by({ wanted: wholeNumber(goal.wanted), yearDay: yearDayWords(goal.by) }),
		date: longDayWords(order.date),
		cautions: []
	}));
	sheet.figures([
		{
			value: capital(likelihood(said.chance)),
			label: tenthsWords(said.chance)
		},
		{ value: String(Math.round(said.expected)), label: say.likely() },
		{ value: `${said.low}–${said.high}`, label: say.range() }
	]);
	sheet.text(
		`${outlookWords(said)}${changed ? say.with({ changed }) : ''}. ${thereWords(goal, basis)}`
	);
	if (said.weeks.length > 0) {
		const type = sheet.typeMm(9);
		const every = Math.max(1, Math.ceil(said.weeks.length / 5));
		sheet.scene(
			bandScene(
				{
					start: goal.handedOver + basis.ready,
					points: said.weeks,
					wanted: goal.wanted,
					names: ['today', ...said.weeks.map((_, at) => dayAfter(basis.today, 7 * (at + 1)))].map(
						(day, at, all) =>
							at === 0
								? day
								: at % every === 0 && (at === all.length - 1 || at + every / 2 < all.length)
									? shortDayWords(day)
									: ''
					),
					wantedWords: say.wanted({ count: wholeNumber(goal.wanted) })
				},
				{ width: sheet.innerMm, tallest: isLarge ? 52 : 66, type }
			),
			type
		);
	}
	const held = heldWords(said.heldBackBy);
	if (held.length > 0) {
		sheet.heading(say.whatHoldsUsBack());
		sheet.text(
			say.ofAHundredSeasonsThat({
				held: capital(
					held.map(([what, share]) => say.inAbout({ what: heldNames[what], share })).join(', ')
				)
			})
		);
	}
	sheet.heading(say.whatWouldHelp());
	sheet.table(
		[
			['', say.itAdds(), say.chance()],
			...said.levers.map(({ what, adds, outlook }) => [
				capital(leverWords(what, 1)),
				addsWords(adds),
				chanceWords(outlook.chance)
			])
		],
		[3, 2, 2]
	);
	if (basis.tableDays.length > 0) {
		sheet.heading(say.tableDaysToCome());
		sheet.text(
			basis.tableDays
				.slice(0, mostDays)
				.map(({ day }) => weekdayWords(day))
				.join(' · ') +
				(basis.tableDays.length > mostDays
					? say.andMore({ length: smallNumber(basis.tableDays.length - mostDays) })
					: '')
		);
	}
	sheet.heading(say.basedOn());
	for (const { title, words } of restsOf(basis)) sheet.text(`${title}: ${words}`, { sizePt: 9 });
	const hits = hitsWords(foretold);
	if (hits) sheet.text(hits, { sizePt: 9 });
	return sheet.save();
}
