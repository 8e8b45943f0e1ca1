import { keptBags } from '$lib/stages/hand-over/account-view';
import { accountSheet as say } from '$lib/words/sheets';
import { barsScene } from '$lib/core/drawing/bars-scene';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { AccountOfPeriod } from '$lib/stages/hand-over/account-view';
import { accountFigures, periodWords } from '$lib/stages/hand-over/account-words';
import { longDayWords, yearDayWords } from '$lib/ui/day-words';
import { fixed, wholeNumber } from '$lib/ui/number-words';
import { areaWords } from '$lib/ui/unit-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** Results so far, on one page. */
export interface AccountSheetOrder extends OnPaper {
	readonly groupName: string;
	readonly account: AccountOfPeriod;
	readonly system: LengthSystem;
	readonly date: Date;
}

/** Deliveries that fit the page beside all else. */
const mostLines = { usual: 10, large: 3 } as const;

/** The account of a period as a PDF of one page. */
export async function accountSheet(order: AccountSheetOrder): Promise<Uint8Array> {
	const { groupName, account: whole, system, isLarge } = order;
	const { period, account, deliveries, bars } = whole;
	const sheet = await beginSheet(order, () => ({
		title: say.resultsSoFar(),
		planName: groupName,
		versionWords: periodWords(period),
		date: longDayWords(order.date),
		cautions: []
	}));
	const figures = accountFigures(account, system);
	sheet.figures(figures.slice(0, 3));
	sheet.figures(figures.slice(3));
	if (bars.some(({ value }) => value > 0)) {
		sheet.heading(say.matsDelivered());
		const type = sheet.typeMm(8.5);
		sheet.scene(
			barsScene(bars, wholeNumber, { width: sheet.innerMm, tallest: isLarge ? 24 : 38, type }),
			type
		);
	}
	sheet.heading(say.howItWasCounted());
	const counted = { sizePt: isLarge ? 7.5 : 8.5 };
	for (const { label, how } of figures) sheet.text(`${label}: ${how}`, counted);
	const room = mostLines[isLarge ? 'large' : 'usual'];
	const shown = deliveries.slice(0, room);
	if (shown.length > 0 && period.of !== 'delivery') {
		sheet.heading(say.deliveryByDelivery());
		sheet.table(
			[
				[say.place(), say.day(), say.mats(), say.area(), say.bags(), say.pillows(), say.plastic()],
				...shown.map((one) => [
					one.placeName,
					yearDayWords(one.goesOn),
					wholeNumber(one.mats),
					areaWords(one.m2, system),
					wholeNumber(keptBags(one)),
					wholeNumber(one.pillows),
					`${fixed(one.filmKg, 1)} kg`
				])
			],
			[4, 3, 1, 2, 1.4, 1.4, 1.6],
			9
		);
		const more = whole.more + deliveries.length - shown.length;
		if (more > 0)
			sheet.text(say.andMoreCountedAboveEvery({ more: wholeNumber(more) }), {
				sizePt: 9
			});
	}
	return sheet.save();
}
