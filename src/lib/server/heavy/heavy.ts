// What takes longer than a request may hold up the others: run by worker threads, each function by its name.
import type { LineDay } from '$lib/core/assembly-line/day';
import type { Foreseen } from '$lib/stages/table-day/day-view';
import { foreseenOf } from '$lib/stages/table-day/foreseen-day';
import { mixProgram } from '$lib/core/back/mix';
import type { Practice } from '$lib/core/practice/practice';
import { estimatePlan } from '$lib/core/estimate/estimate';
import { toCamelKeys, toSnakeKeys } from '$lib/stages/plan/document/case';
import type { CompareRequest, MixRequest } from '$lib/stages/plan/document/requests';
import { compareAnswer } from '$lib/stages/plan/document/requests';
import type { AccountSheetOrder } from '../sheets/account-sheet';
import { accountSheet } from '../sheets/account-sheet';
import type { DeliveryNoteOrder } from '../sheets/delivery-note';
import { deliveryNote } from '../sheets/delivery-note';
import type { ActCardsOrder } from '../sheets/act-card';
import { actCards } from '../sheets/act-card';
import type { AskSheetOrder } from '../sheets/ask-sheet';
import { askSheet } from '../sheets/ask-sheet';
import { labelPicture } from '../sheets/label-picture';
import type { LabelSheetOrder } from '../sheets/label-sheet';
import { labelSheet } from '../sheets/label-sheet';
import type { SheetRequest } from '../sheets/make-sheet';
import { makeSheet } from '../sheets/make-sheet';
import type { CheckSheetOrder } from '../sheets/check-sheet';
import { checkSheet } from '../sheets/check-sheet';
import type { MeasuringSheetOrder } from '../sheets/measuring-sheet';
import { measuringSheet } from '../sheets/measuring-sheet';
import type { MatSheetOrder } from '../sheets/mat-sheet';
import { matSheet } from '../sheets/mat-sheet';
import type { DaySheetOrder } from '../sheets/day-sheet';
import { daySheet } from '../sheets/day-sheet';
import type { SeasonSheetOrder } from '../sheets/season-sheet';
import { seasonSheet } from '../sheets/season-sheet';
import type { WorkSheetOrder } from '../sheets/work-sheet';
import { workSheet } from '../sheets/work-sheet';
import type {
	ExchangeSaid,
	NineInTen,
	SeasonOrder,
	SeasonSaid
} from '$lib/stages/season/season-said';
import { effectsSaid, exchangesSaid, nineInTen, seasonSaid } from '$lib/stages/season/season-said';
import type { SeatOrder, SeatedDay } from './seat-day';
import { seatDay } from './seat-day';
import { solveMix } from './solve-mix';

/** A sheet of a plan as a PDF; null where the plan has no such sheet. */
export const sheet = ({
	practice,
	...order
}: Omit<SheetRequest, 'estimate'> & { readonly practice: Practice }): Promise<Uint8Array | null> =>
	makeSheet({ ...order, estimate: estimatePlan(order.plan, practice) });

/** The page that asks for bags, as a PDF. */
export const asks = (order: AskSheetOrder): Promise<Uint8Array> => askSheet(order);

/** Sheets of labels, as a PDF. */
export const labels = (order: LabelSheetOrder): Promise<Uint8Array> => labelSheet(order);

/** A label as a small printer prints it, as a PNG. */
export const labelPng = (order: Parameters<typeof labelPicture>[0]): Promise<Uint8Array> =>
	labelPicture(order);

/** What to cut and join next, as a PDF. */
export const work = (order: WorkSheetOrder): Promise<Uint8Array> => workSheet(order);

/** A table day on paper, as a PDF. */
export const onPaper = (order: DaySheetOrder): Promise<Uint8Array> => daySheet(order);

/** A mat being made on paper, as a PDF. */
export const matRowSheet = (order: MatSheetOrder): Promise<Uint8Array> => matSheet(order);

/** The sheet by which photographs are measured, as a PDF. */
export const measuringBoards = (order: MeasuringSheetOrder): Promise<Uint8Array> =>
	measuringSheet(order);

/** Mats to check on paper, as a PDF. */
export const toCheck = (order: CheckSheetOrder): Promise<Uint8Array> => checkSheet(order);

/** What goes with a delivery on paper, as a PDF. */
export const note = (order: DeliveryNoteOrder): Promise<Uint8Array> => deliveryNote(order);

/** Results so far on one page, as a PDF. */
export const account = (order: AccountSheetOrder): Promise<Uint8Array> => accountSheet(order);

/** The field of methods, as JSON: a long answer is made into text here. */
export const compare = (order: {
	readonly request: CompareRequest;
	readonly practice: Practice;
}): string => JSON.stringify(compareAnswer(order.request, order.practice));

/** The best mix of mats, by the names of the JSON door; null where none was found in the time there is. */
export async function mix(order: {
	readonly request: MixRequest;
	readonly practice: Practice;
}): Promise<object | null> {
	const { store, methods, goal, hours } = toCamelKeys(order.request);
	const best = await solveMix(
		mixProgram(store, methods, goal ?? 'mats', hours, order.practice),
		store
	);
	return best && { ...(toSnakeKeys({ ...best, left: {} }) as object), left: best.left };
}

/** The season on one page, as a PDF. */
export const seasonPaper = (order: SeasonSheetOrder): Promise<Uint8Array> => seasonSheet(order);

/** Acts, one a page, as a PDF. */
export const cards = (order: ActCardsOrder): Promise<Uint8Array> => actCards(order);

/** What a season will bring, with some levers taken; and what each lever adds. */
export const season = (order: SeasonOrder): SeasonSaid => seasonSaid(order);

/** What changes did to a season, in mats. */
export const effects = (order: Parameters<typeof effectsSaid>[0]): number[] => effectsSaid(order);

/** What other plans would do to a season. */
export const exchanges = (order: Parameters<typeof exchangesSaid>[0]): ExchangeSaid[] =>
	exchangesSaid(order);

/** The smallest change that makes a season likely enough. */
export const change = (order: SeasonOrder): NineInTen | null => nineInTen(order);

/** Who sits where at a table day, and what no day could beat. */
export const seats = (order: SeatOrder): Promise<SeatedDay> => seatDay(order);

/** What a day comes to, without chance and by it. */
export const foresee = (day: LineDay): Foreseen => foreseenOf(day);
