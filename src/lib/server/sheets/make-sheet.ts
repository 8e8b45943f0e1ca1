import { makeSheet as say } from '$lib/words/sheets';
import { longDayWords } from '$lib/ui/day-words';
import { basisWords, unfitWords } from '$lib/ui/basis-words';
import type { SheetName } from '$lib/stages/plan/words/sheets';
import { sheetsFor } from '$lib/stages/plan/words/sheets';
import { cuttingSheet } from './cutting-sheet';
import { bandsSheet } from './bands-sheet';
import { crochetSheet } from './crochet-sheet';
import { frameSheet } from './frame-sheet';
import { loomSheet } from './loom-sheet';
import type { SheetOrder } from './order';
import { planSheet } from './plan-sheet';
import type { Sheet } from './sheet';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

const drawers: Readonly<Record<SheetName, (sheet: Sheet, order: SheetOrder) => void>> = {
	plan: planSheet,
	cutting: cuttingSheet,
	crochet: crochetSheet,
	loom: loomSheet,
	frame: frameSheet,
	bands: bandsSheet
};

export interface SheetRequest extends SheetOrder, OnPaper {
	readonly sheet: SheetName;
	readonly planName: string;
	/** The version it is kept as; null while it is not. */
	readonly version: number | null;
	readonly date: Date;
}

/** A sheet as a PDF; null where the plan has no such sheet. */
export async function makeSheet(request: SheetRequest): Promise<Uint8Array | null> {
	const offer = sheetsFor(request.plan).find(({ sheet }) => sheet === request.sheet);
	if (!offer) return null;
	const sheet = await beginSheet(request, () => ({
		title: offer.title,
		planName: request.planName,
		versionWords:
			request.version === null ? say.notKeptYet() : say.version({ version: request.version }),
		date: longDayWords(request.date),
		basis: say.figures({
			part: request.estimate.isUnfit ? `${unfitWords} ` : '',
			basis: basisWords(request.estimate.basis)
		}),
		cautions: offer.cautions
	}));
	drawers[request.sheet](sheet, request);
	return sheet.end();
}
