import type { Bag } from '$lib/core/bag/measure-bag';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { ActName } from '$lib/stages/know-how/acts';
import { acts, stepsOf } from '$lib/stages/know-how/acts';
import { longDayWords } from '$lib/ui/day-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** One act on one page, large, with the group's own bag. */
export interface ActCardOrder extends OnPaper {
	readonly groupName: string;
	readonly act: ActName;
	readonly bag: Bag;
	readonly bagName: string;
	readonly system: LengthSystem;
	readonly date: Date;
}

/** The card of an act as a PDF; null where the bag cannot be cut so. */
export async function actCard(order: ActCardOrder): Promise<Uint8Array | null> {
	const { act, bag, bagName, system, isLarge } = order;
	const { title, when } = acts[act];
	const sheet = await beginSheet(order, () => ({
		title: order.groupName,
		planName: title,
		versionWords: when,
		date: longDayWords(order.date),
		cautions: []
	}));
	const type = sheet.typeMm(11);
	const many = act === 'band-turn' || act === 'over-under';
	// An act of few steps has room for large drawings.
	const tallest = (many ? 20 : act === 'spiral' ? 26 : 40) * (isLarge ? 0.7 : 1);
	const box = { width: sheet.innerMm * 0.62, tallest, type };
	const steps = stepsOf(act, { bag, bagName, system, box });
	if (!steps) return null;
	for (const [at, { words, scene, caution }] of steps.entries()) {
		sheet.need(scene.height + 12);
		sheet.scene(scene, type);
		sheet.text(`${at + 1}. ${words}`, { sizePt: many ? 12 : 14 });
		if (caution) sheet.text(caution, { sizePt: 10, isBold: true });
		sheet.y += 1.5;
	}
	return sheet.save();
}
