import { handOverWords as say } from '$lib/words/hand-over';
import type { PackedCrate } from '$lib/core/finish/pack-rolls';
import type { Crate } from '$lib/core/finish/roll';
import type { DrawnRoll } from '$lib/core/drawing/crate-scene';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import type { PlaceWords } from './hand-over-view';
import { smallNumber, wholeNumber } from '$lib/ui/number-words';

/** How a mat is cared for, and where it must not lie: on its label, its delivery note and its page. */
export const careWords = [
	say.shakeItOutHoseIt(),
	say.keepItFromFlamesHeaters(),
	say.keepItFromSmallChildren()
] as const;

/** The same in as few words as a tag has room for. */
export const tagWords = [
	say.shakeHoseHangToDry(),
	say.awayFromFlamesHeaters(),
	say.awayFromSmallChildren(),
	say.neverUnderAnInfant()
] as const;

/** Whose word counts where it is brought. */
export const deferWords = say.thePlacesOwnRulesCome();

const edge = (mm: number, system: LengthSystem) => formatLength(mm, system, 'bag');

/** `40 cm by 60 cm by 40 cm` */
export const crateWords = ({ widthMm, depthMm, heightMm }: Crate, system: LengthSystem): string =>
	[widthMm, depthMm, heightMm].map((mm) => edge(mm, system)).join(' by ');

/** The mats in a crate, by their labels. */
export const namesIn = ({ rolls }: PackedCrate, all: readonly DrawnRoll[]): string =>
	rolls.map(({ roll }) => all[roll]?.name ?? '').join(', ');

/** `86 cm by 185 cm` */
export const sizeWords = (
	{ widthMm, lengthMm }: { readonly widthMm: number; readonly lengthMm: number },
	system: LengthSystem
): string =>
	say.by({
		formatLength: formatLength(widthMm, system, 'mat'),
		formatLength2: formatLength(lengthMm, system, 'mat')
	});

/** `one mat`, `12 mats` */
export const matsWords = (count: number): string =>
	count === 1 ? say.oneMat() : say.mats({ count: smallNumber(count) });

/** `one pillow`, `12 pillows` */
export const pillowsWords = (count: number): string =>
	count === 1 ? say.onePillow() : say.pillows({ count: smallNumber(count) });

/** `3 to 5`, or `4` where both are that. */
export const rangeWords = (low: number, high: number): string =>
	low === high ? wholeNumber(low) : say.to({ low: wholeNumber(low), high: wholeNumber(high) });

/** How a place receives mats, as far as it is said: when, by which stairs, by which rules of its own. */
export const receivingWords = ({
	hours,
	stairs,
	ownRules
}: Pick<PlaceWords, 'hours' | 'stairs' | 'ownRules'>): string[] =>
	[hours, stairs, ownRules].filter((words) => words !== null);
