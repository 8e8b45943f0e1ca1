import { colourNames } from '$lib/core/colour/colours';
import type { PathMark, Scene, Tone } from '$lib/core/drawing/scene';
import { colourLooks } from '$lib/ui/colour-looks';

/** What a tone is painted with on white paper: a colour, and how much of it. */
type Paint = readonly [colour: string, opacity: number];
const [ink, blue, green, red, white] = ['#14201f', '#2350c9', '#1f7a4d', '#a8201a', '#ffffff'];
const fills: Partial<Record<Tone, Paint>> = {
	ink: [ink, 1],
	quiet: [ink, 0.6],
	ground: [white, 1],
	film: [blue, 0.16],
	'film-other': [blue, 0.28],
	'film-line': [blue, 0.7],
	weft: [green, 1],
	bad: [red, 1],
	scrap: [ink, 0.12],
	sleeper: [ink, 0.25]
};
/** A line of film is drawn stronger than its face. */
const strokes: Partial<Record<Tone, Paint>> = {
	...fills,
	// On white, and not seen through: where a strand is drawn once more its ends leave no line.
	film: ['#a7b9e9', 1],
	'film-other': ['#c1ceef', 1],
	'film-line': ['#6585d9', 1],
	quiet: ['#727979', 1]
};

/** Numbers no finer than can be seen. */
const short = (path: string): string =>
	path.replace(/-?\d+\.\d{2,}/g, (number) => String(Math.round(10 * Number(number)) / 10));

function painted(of: 'fill' | 'stroke', tone: Tone | undefined): string {
	if (!tone) return of === 'fill' ? 'fill="none"' : '';
	const paint = (of === 'fill' ? fills : strokes)[tone];
	if (!paint) return `${of}="url(#${tone})"`;
	const [colour, opacity] = paint;
	return `${of}="${colour}"${opacity < 1 ? ` ${of}-opacity="${opacity}"` : ''}`;
}

const pathOf = ({ path, fill, stroke, width, dash, isRound }: PathMark): string =>
	[
		`<path d="${short(path)}"`,
		painted('fill', fill),
		painted('stroke', stroke),
		...(width === undefined ? [] : [`stroke-width="${Math.round(100 * width) / 100}"`]),
		...(dash ? [`stroke-dasharray="${dash.join(' ')}"`] : []),
		`stroke-linejoin="round"${isRound ? ' stroke-linecap="round"' : ''}/>`
	]
		.filter(Boolean)
		.join(' ');

/** The patterns that double the colours, as far as a scene has them. */
const patternsOf = ({ marks }: Scene): string =>
	colourNames
		.filter((name) =>
			marks.some(
				(mark) => 'path' in mark && [mark.fill, mark.stroke].includes(`film-${name}` as Tone)
			)
		)
		.map((name) => {
			const { film, pattern, ink: line } = colourLooks[name];
			return `<pattern id="film-${name}" width="8" height="8" patternUnits="userSpaceOnUse"><rect width="8" height="8" fill="${film}"/><path d="${pattern}" fill="none" stroke="${line}" stroke-width="1.4"/></pattern>`;
		})
		.join('');

/**
 * A drawing as a picture file on white: its lines and faces, without its words. What is textured is left out, as a small
 * picture shows none of it.
 */
export function sceneSvg(scene: Scene): string {
	const marks = scene.marks.flatMap((mark) => ('path' in mark ? [pathOf(mark)] : []));
	const [width, height] = [Math.ceil(scene.width), Math.ceil(scene.height)];
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}"><defs>${patternsOf(scene)}</defs>${marks.join('')}</svg>`;
}
