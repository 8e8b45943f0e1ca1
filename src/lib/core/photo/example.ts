// Plain scenes by which examples and tests are worked: seen straight from above, a pixel to a millimetre.
import { markerCorners, type Corners, type Place } from './board';
import type { Light } from './light';
import type { Measured } from './measured';
import { waysOf, type Plane, type View } from './plane';
import type { Marker, Sight } from './sight';

/** A view straight from above: 50 pixels right of and below a place of the plane. */
export const flatView: View = {
	mapping: [1 / 50, 0, 0, 0, 1 / 50, 0, 0, 0, 1],
	lens: 0,
	centre: [50, 50],
	unit: 50
};

/** The plane of that view with board 0 at its corner, seen from 800 mm. */
export const flatPlane: Plane = {
	boards: [{ board: 0, x: 0, y: 0, turn: 0, markers: 6, residualMm: 0.2 }],
	residualMm: 0.2,
	cameraMm: 800,
	below: [0, 0],
	view: flatView,
	...waysOf(flatView)
};

/**
 * Light that is the same everywhere, or as a rule says.
 *
 * @example exampleLight(2, 1, 0.5).red[1] // 0.5
 */
export function exampleLight(
	width: number,
	height: number,
	level: number | ((x: number, y: number) => number)
): Light {
	const values = Float32Array.from({ length: width * height }, (_, at) =>
		typeof level === 'number' ? level : level(at % width, Math.floor(at / width))
	);
	return { width, height, red: values, green: values, blue: values };
}

/**
 * An outline through corners, a place every half millimetre.
 *
 * @example traced([[0, 0], [1, 0]]) // [[0, 0], [0.5, 0], [1, 0], [0.5, 0]]
 */
export function traced(corners: readonly Place[]): Place[] {
	return corners.flatMap(([x, y], at) => {
		const [nx, ny] = corners[(at + 1) % corners.length] as Place;
		const steps = Math.max(1, Math.round(2 * Math.hypot(nx - x, ny - y)));
		return Array.from({ length: steps }, (_, nth): Place => [
			x + ((nx - x) * nth) / steps,
			y + ((ny - y) * nth) / steps
		]);
	});
}

/**
 * A rectangle's outline from the origin.
 *
 * @example rectangleOutline(2, 1).length // 12
 */
export const rectangleOutline = (width: number, height: number): Place[] =>
	traced([
		[0, 0],
		[width, 0],
		[width, height],
		[0, height]
	]);

/** A bag 300 mm wide, 400 mm to the neck, 540 mm to the ends of its handles; its bottom is at y = 540. */
export const exampleBag: readonly Place[] = traced([
	[0, 0],
	[90, 0],
	[90, 140],
	[210, 140],
	[210, 0],
	[300, 0],
	[300, 540],
	[0, 540]
]);

/** Markers of board 0 as the flat view sees them, whole. */
export const flatMarkers: readonly Marker[] = [0, 1, 2, 3, 4, 5].map((id) => ({
	id,
	corners: markerCorners(id).map((place) => flatPlane.toPicture(place)) as unknown as Corners
}));

/** Sight that sees nothing. */
export const blindSight: Sight = {
	markers: () => [],
	outlines: () => [],
	filled: (width, height) => ({ width, height, data: new Uint8Array(width * height) }),
	cleared: (mask) => mask,
	groups: () => [],
	evened: (values) => values
};

/** A strip 50 mm wide that was measured on the flat view. */
export const exampleMeasured: Measured = {
	of: 'strips',
	boards: [{ board: 0, markers: 6 }],
	problem: null,
	residualMm: 0.2,
	isDark: false,
	measures: { row_mm: { value: 10, low: 9.9, high: 10.1 } },
	counts: {},
	strips: [{ mean: { value: 50, low: 49.8, high: 50.2 }, isOdd: false }],
	isNarrowing: null,
	film: null,
	edges: [{ name: 'strip-0', from: [50, 50], to: [100, 50] }],
	follows: [{ measure: 'strip-0', edges: ['strip-0'] }],
	view: flatView
};
