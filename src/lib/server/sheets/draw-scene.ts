import {
	clip,
	endPath,
	fill,
	popGraphicsState,
	pushGraphicsState,
	rectangle,
	rgb,
	setFillingColor
} from '@cantoo/pdf-lib';
import type { PDFPage } from '@cantoo/pdf-lib';
import type { ColourName } from '$lib/core/colour/colours';
import type { PathMark, Scene, TextureMark, Tone } from '$lib/core/drawing/scene';
import { colourLooks } from '$lib/ui/colour-looks';

/** Where a scene is put: the page, its scale and its corner, in points from the lower left. */
export interface Place {
	readonly page: PDFPage;
	/** Points a unit of the scene. */
	readonly scale: number;
	readonly x: number;
	/** The top of the scene. */
	readonly y: number;
}

const black = rgb(0, 0, 0);
const grey = (lightness: number) => rgb(lightness, lightness, lightness);

/** On paper everything is black on white: greys are light enough to print as a tint, lines are black. */
const fills: Partial<Record<Tone, ReturnType<typeof rgb>>> = {
	ink: black,
	quiet: grey(0.45),
	ground: rgb(1, 1, 1),
	film: grey(0.93),
	'film-other': grey(0.84),
	'film-line': grey(0.35),
	weft: grey(0.15),
	bad: black
};
const lines: Partial<Record<Tone, ReturnType<typeof rgb>>> = {
	...fills,
	film: grey(0.75),
	'film-other': grey(0.6)
};

/** The rectangles that a path is made of; empty where it is anything else. */
function rectanglesOf(path: string): { x: number; y: number; width: number; height: number }[] {
	const part = /M(-?[\d.e-]+) (-?[\d.e-]+)h(-?[\d.e-]+)v(-?[\d.e-]+)h-?[\d.e-]+z/g;
	return [...path.matchAll(part)].map(([, x, y, width, height]) => ({
		x: Number(x),
		y: Number(y),
		width: Number(width),
		height: Number(height)
	}));
}

/** Fills a path that is nothing but rectangles, as a square code is: thousands of them are read and drawn in no time. */
function fillRectangles(
	{ page, scale, x, y }: Place,
	path: string,
	color: ReturnType<typeof rgb>
): boolean {
	const areas = rectanglesOf(path);
	if (areas.length < 20 || areas.length !== path.split('M').length - 1) return false;
	page.pushOperators(
		pushGraphicsState(),
		setFillingColor(color),
		...areas.map((area) =>
			rectangle(
				x + area.x * scale,
				y - (area.y + area.height) * scale,
				area.width * scale,
				area.height * scale
			)
		),
		fill(),
		popGraphicsState()
	);
	return true;
}

/** One tile of 8 by 8 laid again and again over some rectangles, clipped to them: a pattern in black. */
function hatch(place: Place, path: string, tile: string, tileSize: number, width: number): void {
	const { page, scale, x, y } = place;
	const areas = rectanglesOf(path);
	if (areas.length === 0) return;
	page.pushOperators(pushGraphicsState());
	for (const area of areas)
		page.pushOperators(
			rectangle(
				x + area.x * scale,
				y - (area.y + area.height) * scale,
				area.width * scale,
				area.height * scale
			)
		);
	page.pushOperators(clip(), endPath());
	const step = tileSize / 8;
	const strokes = (tile.match(/[A-Za-z][^A-Za-z]*/g) ?? []).map((part) => ({
		letter: part.charAt(0),
		numbers: (part.slice(1).match(/-?[\d.]+/g) ?? []).map((value) => Number(value) * step)
	}));
	let all = '';
	for (const area of areas) {
		const [firstColumn, lastColumn] = [area.x, area.x + area.width].map((at) =>
			Math.floor(at / tileSize)
		) as [number, number];
		const [firstRow, lastRow] = [area.y, area.y + area.height].map((at) =>
			Math.floor(at / tileSize)
		) as [number, number];
		for (let column = firstColumn; column <= lastColumn; column++)
			for (let row = firstRow; row <= lastRow; row++) {
				for (const { letter, numbers } of strokes) {
					const isPlaced = letter === letter.toUpperCase();
					const moved = numbers.map((value, at) =>
						isPlaced ? value + (at % 2 === 0 ? column : row) * tileSize : value
					);
					all += letter + moved.map((value) => value.toFixed(2)).join(' ');
				}
			}
	}
	if (all)
		page.drawSvgPath(all, {
			x,
			y,
			scale,
			borderColor: black,
			borderWidth: width
		});
	page.pushOperators(popGraphicsState());
}

/** Tiles of the same pattern as on the screen, as many points wide. */
const tilePt = 12;

function drawPath(place: Place, mark: PathMark): void {
	const { page, scale, x, y } = place;
	const { path, fill: tone, stroke, width = 1, dash } = mark;
	if (!path) return;
	if (tone === 'scrap') {
		hatch(place, path, 'M0 8l8-8', tilePt / scale, 0.5 / scale);
	} else if (tone?.startsWith('film-') && !(tone in fills)) {
		const look = colourLooks[tone.slice('film-'.length) as ColourName];
		if (look) hatch(place, path, look.pattern, tilePt / scale, 0.35 / scale);
	} else if (tone && tone !== 'sleeper' && !(tone === 'film' && dash)) {
		// A second layer of film is its dashed edge: a tint over a tint would hide what lies under it.
		const color = fills[tone] ?? black;
		if (!fillRectangles(place, path, color)) page.drawSvgPath(path, { x, y, scale, color });
	}
	// The sleeper is an outline: ink over rows could not be read.
	const line = tone === 'sleeper' ? black : stroke && (lines[stroke] ?? black);
	if (line)
		page.drawSvgPath(path, {
			x,
			y,
			scale,
			borderColor: line,
			borderWidth: tone === 'sleeper' ? 1.6 / scale : width,
			...(dash && { borderDashArray: [...dash] })
		});
}

/** Rows as thin lines: single stitches would be a grey blur in print. */
function drawTexture({ page, scale, x, y }: Place, mark: TextureMark): void {
	const isLengthwise = mark.shaded.width >= mark.tile.width - 1e-9;
	const step = isLengthwise ? mark.shaded.height : mark.shaded.width;
	const count = Math.round((isLengthwise ? mark.height : mark.width) / step);
	let path = '';
	for (let row = 1; row < count; row++)
		path += isLengthwise
			? `M${mark.x} ${mark.y + row * step}h${mark.width}`
			: `M${mark.x + row * step} ${mark.y}v${mark.height}`;
	if (path)
		page.drawSvgPath(path, { x, y, scale, borderColor: grey(0.55), borderWidth: 0.25 / scale });
}

/** Draws a scene with nothing outside its own rectangle: what runs on beyond it is cut off there. */
export function drawWithin(place: Place, scene: Scene): void {
	const { page, scale, x, y } = place;
	page.pushOperators(
		pushGraphicsState(),
		rectangle(x, y - scene.height * scale, scene.width * scale, scene.height * scale),
		clip(),
		endPath()
	);
	drawMarks(place, scene);
	page.pushOperators(popGraphicsState());
}

/** Draws a scene's lines and patches; its words are set by the sheet, in its own type. */
export function drawMarks(place: Place, scene: Scene): void {
	for (const mark of scene.marks) {
		if ('path' in mark) drawPath(place, mark);
		else if ('texture' in mark) drawTexture(place, mark);
	}
}
