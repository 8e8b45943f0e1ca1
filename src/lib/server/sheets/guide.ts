import { guide as say } from '$lib/words/sheets';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { Cut } from '$lib/core/cut/types';

/** A mark on the guide: how far above the bottom seam it lies, and what is done there. */
export interface GuideMark {
	readonly atMm: number;
	readonly words: string;
}

/** The marks of a cut along a guide strip that is laid beside the bag, its foot at the bottom seam. */
export function guideMarks(bag: Bag, cut: Cut): GuideMark[] {
	const { bands, lines } = sketchBag(bag, cut);
	if (lines.some(({ kind }) => kind === 'down'))
		return [{ atMm: bag.bodyMm, words: 'base of the handles: cut down from between them' }];
	const marks: GuideMark[] = [];
	let rings = 0;
	for (const [index, band] of bands.entries()) {
		const isLast = index === bands.length - 1;
		if (band.ring !== null) rings = band.ring;
		const name = cut.style === 'spiral' ? 'turn' : 'ring';
		const words: Record<typeof band.kind, string> = {
			'trim-bottom': say.seamOffHere(),
			strip: `${name} ${rings} ends`,
			'short-strip': say.shortEnds({ name, rings }),
			offcut: say.leftOverToHere(),
			'trim-top': say.baseOfTheHandles()
		};
		if (!isLast || band.kind !== 'trim-bottom')
			marks.push({ atMm: band.toMm, words: words[band.kind] });
	}
	return marks;
}

/** The guide as a drawing at true scale: its millimetres are millimetres on paper. */
export function guideSvg(bag: Bag, cut: Cut, title: string): string {
	const marks = guideMarks(bag, cut);
	const topMm = Math.max(110, ...marks.map(({ atMm }) => atMm)) + 12;
	const widthMm = 90;
	const y = (atMm: number) => (topMm - 6 - atMm).toFixed(3);
	const escaped = title.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);
	const lines = marks
		.map(({ atMm, words }) =>
			say.pathDM0H40Text({
				y: y(atMm),
				toFixed: (Number(y(atMm)) + 1.4).toFixed(3),
				words,
				round: Math.round(atMm * 10) / 10
			})
		)
		.join('\n\t');
	return say.svgXmlnsHttpWwwW3({
		widthMm,
		topMm,
		escaped,
		y: y(0),
		y2: y(100),
		toFixed: (Number(y(0)) - 1).toFixed(3),
		y3: y(50),
		replaceAll: lines.replaceAll('<path', say.pathStroke000())
	});
}
