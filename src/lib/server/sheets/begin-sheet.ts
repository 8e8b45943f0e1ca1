import type { OnPaper } from '$lib/ui/reader';
import { writeAs } from '$lib/words/writing';
import type { SheetPaper } from './paper-pages';
import type { SheetHead } from './sheet';
import { Sheet } from './sheet';

/** Begins a sheet that is written as its reader writes; its head is put into words then. */
export async function beginSheet(
	order: OnPaper,
	head: () => SheetHead,
	paper: SheetPaper = order.paper
): Promise<Sheet> {
	writeAs(order);
	const sheet = await Sheet.begin(head(), paper, order.isLarge);
	// Fonts were loaded meanwhile: another sheet may have set how this worker writes.
	writeAs(order);
	return sheet;
}
