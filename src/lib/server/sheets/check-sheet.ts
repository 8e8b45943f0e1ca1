import { checkSheet as say } from '$lib/words/sheets';
import { faults, faultsOf } from '$lib/core/check/faults';
import { mapPlaces } from '$lib/core/check/judge-mat';
import type { MadeMatLine } from '$lib/stages/check/check-view';
import { faultWords } from '$lib/stages/check/check-words';
import { longDayWords } from '$lib/ui/day-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** Mats to check on paper, for a table without a screen. */
export interface CheckSheetOrder extends OnPaper {
	readonly groupName: string;
	readonly mats: readonly Pick<MadeMatLine, 'code' | 'planName' | 'look'>[];
	readonly date: Date;
}

const cautions = [say.washYourHandsOrWear(), say.filmCanSuffocateBurnsAnd()];

/** A sheet to check mats by, one after the other, as a PDF. */
export async function checkSheet(order: CheckSheetOrder): Promise<Uint8Array> {
	const { groupName, mats, date } = order;
	const sheet = await beginSheet(order, () => ({
		title: say.matsToCheck(),
		planName: groupName,
		versionWords: say.mats({ count: mats.length }),
		date: longDayWords(date),
		cautions
	}));
	sheet.text(say.goOverEachMatWith());
	for (const { code, planName, look } of mats) {
		const kinds = faultsOf(look?.kind ?? 'crochet');
		const [boxMm, highMm] = [13, 9];
		sheet.need(12 + mapPlaces.across * highMm + Math.ceil(kinds.length / 3) * 9);
		sheet.heading(`${code}, ${planName}`);
		sheet.text(say.lengthWidthWeightDry());
		const top = sheet.y + 2;
		for (let place = 0; place < mapPlaces.along * mapPlaces.across; place++)
			sheet.box(
				sheet.marginMm + (place % mapPlaces.along) * boxMm,
				top + Math.floor(place / mapPlaces.along) * highMm,
				boxMm,
				highMm
			);
		sheet.y = top + mapPlaces.across * highMm + 3;
		sheet.ticks(
			kinds.map((kind) => ({
				label: say.faultAndMinutes({ fault: faultWords[kind].name, minutes: faults[kind].minutes }),
				note: undefined
			})),
			2
		);
	}
	return sheet.end();
}
