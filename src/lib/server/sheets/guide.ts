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
		return [{ atMm: bag.bodyMm, words: say.cutDownBetweenHandles() }];
	const marks: GuideMark[] = [];
	let rings = 0;
	for (const [index, band] of bands.entries()) {
		const isLast = index === bands.length - 1;
		if (band.ring !== null) rings = band.ring;
		const name = cut.style === 'spiral' ? say.turn() : say.loop();
		const words: Record<typeof band.kind, string> = {
			'trim-bottom': say.seamOffHere(),
			strip: say.ends({ name, rings }),
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
		.map(
			({ atMm, words }) =>
				`<path d="M0 ${y(atMm)}H40"/><text x="42" y="${(Number(y(atMm)) + 1.4).toFixed(3)}">${words}, ${Math.round(atMm * 10) / 10} mm</text>`
		)
		.join('\n\t');
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${topMm}mm" viewBox="0 0 ${widthMm} ${topMm}" font-family="sans-serif" font-size="3.6" stroke-width="0.3">
	<title>Guide strip: ${escaped}</title>
	<rect width="${widthMm}" height="${topMm}" fill="#fff"/>
	<g fill="none" stroke="#000"><path d="M0 ${y(0)}H60" stroke-width="0.6"/>
	<path id="check-100-mm" d="M84 ${y(0)}V${y(100)}M81 ${y(0)}h6M81 ${y(100)}h6"/></g>
	<text x="42" y="${(Number(y(0)) - 1).toFixed(3)}">bottom seam</text>
	<text x="82" y="${y(50)}" text-anchor="end">100 mm</text>
	<g fill="#000" stroke="none">
	${lines.replaceAll('<path', '<path stroke="#000"')}
	</g>
</svg>
`;
}
