import { deliveryNote as say } from '$lib/words/sheets';
import { capital } from '$lib/ui/number-words';
import { crateScene } from '$lib/core/drawing/crate-scene';
import type { Crate } from '$lib/core/finish/roll';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { DeliveryWhole } from '$lib/stages/hand-over/hand-over-view';
import {
	careWords,
	crateWords,
	deferWords,
	matsWords,
	pillowsWords,
	sizeWords,
	receivingWords
} from '$lib/stages/hand-over/hand-over-words';
import { gramsOf, packMats } from '$lib/stages/hand-over/packing';
import { yearDayWords } from '$lib/ui/day-words';
import { massWords } from '$lib/ui/unit-words';
import { squareCode } from './square-code';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** What goes with a delivery on paper: what is in it, and where it is signed for. */
export interface DeliveryNoteOrder extends OnPaper {
	readonly groupName: string;
	readonly delivery: DeliveryWhole;
	readonly crate: Crate;
	/** Where its square code leads; null where that opens on this machine alone. */
	readonly address: string | null;
	readonly system: LengthSystem;
}

/** A delivery note as a PDF. */
export async function deliveryNote(order: DeliveryNoteOrder): Promise<Uint8Array> {
	const { groupName, delivery, crate, system } = order;
	const sheet = await beginSheet(order, () => ({
		title: say.delivery({ code: delivery.code }),
		planName: delivery.placeName,
		versionWords: groupName,
		date: yearDayWords(delivery.goesOn),
		cautions: [...careWords, deferWords]
	}));
	const { lying, pillows, place } = delivery;
	const grams = gramsOf(lying);
	const packed = packMats(lying, crate);
	if (order.address !== null) {
		const side = 26;
		sheet.sceneAt(
			squareCode(order.address, side),
			3,
			sheet.widthMm - sheet.marginMm - side,
			sheet.marginMm - 4
		);
	}
	sheet.figures([
		{ value: String(lying.length), label: say.matsLabel({ count: lying.length }) },
		{ value: String(pillows.length), label: say.pillowsLabel({ count: pillows.length }) },
		{ value: massWords(grams, system), label: say.toCarry() },
		{ value: String(packed.crates.length), label: say.boxesLabel({ count: packed.crates.length }) }
	]);
	const ways = receivingWords(place);
	if (ways.length > 0) sheet.text(`${place.name}: ${ways.join(' · ')}`);
	if (delivery.gathering !== null) sheet.text(say.event({ gathering: delivery.gathering }));
	if (delivery.note !== null) sheet.text(`“${delivery.note}”`);
	sheet.heading(say.whatIsInIt());
	sheet.table(
		[
			[say.mat(), say.size(), say.weight(), say.pillow(), say.arrived()],
			...lying.map((mat) => [
				mat.code,
				sizeWords(mat, system),
				mat.massG === null ? say.notWeighed() : massWords(mat.massG, system),
				mat.pillow ?? '–',
				'[   ]'
			])
		],
		[2, 4, 2, 2, 1]
	);
	const alone = pillows.filter(({ mat }) => mat === null);
	if (alone.length > 0)
		sheet.text(say.onTheirOwn({ alone: alone.map(({ code }) => code).join(', ') }));
	if (packed.crates.length > 0) {
		sheet.heading(say.packedInCratesOf({ crate: crateWords(crate, system) }));
		const type = sheet.typeMm(8.5);
		const width = (sheet.innerMm - 8) / 3;
		const scenes = packed.crates.map((one) =>
			crateScene(one, packed.rolls, { width, tallest: 40, type })
		);
		for (let at = 0; at < scenes.length; at += 3) {
			const row = scenes.slice(at, at + 3);
			const high = Math.max(...row.map(({ height }) => height));
			sheet.need(high + 3);
			for (const [nth, scene] of row.entries())
				sheet.sceneAt(scene, type, sheet.marginMm + nth * (width + 4), sheet.y);
			sheet.y += high + 3;
		}
		if (packed.left.length > 0)
			sheet.text(
				say.tooLargeForACrate({
					left: packed.left.map((roll) => packed.rolls[roll]?.name).join(', ')
				})
			);
	}
	sheet.heading(say.received());
	sheet.text(
		say.onBy({
			mats: capital(matsWords(lying.length)),
			pillows: pillows.length > 0 ? say.and({ pillows: pillowsWords(pillows.length) }) : ''
		})
	);
	sheet.text(say.note());
	sheet.text(say.typedInAfterwardsUnderHand({ code: delivery.code }), { sizePt: 9.5 });
	return sheet.end();
}
