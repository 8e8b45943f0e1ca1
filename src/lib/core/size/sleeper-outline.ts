import { positive } from '../domain-error';

/** A point on the outline: mm from the crown along the body, and half the width there, mm. */
export interface OutlinePoint {
	readonly alongMm: number;
	readonly halfWidthMm: number;
}

/** Share of the height along the body, and half the width there as a share of the height. */
const outer: readonly (readonly [number, number])[] = [
	[0.135, 0.03],
	[0.165, 0.034],
	[0.19, 0.098],
	[0.225, 0.128],
	[0.3, 0.136],
	[0.4, 0.13],
	[0.48, 0.118],
	[0.52, 0.1],
	[0.62, 0.088],
	[0.74, 0.07],
	[0.88, 0.05],
	[0.97, 0.056],
	[1, 0.044]
];

/** The gap between the legs, from the feet up to where they meet. */
const inner: readonly (readonly [number, number])[] = [
	[1, 0.014],
	[0.9, 0.013],
	[0.72, 0.009],
	[0.54, 0.002]
];

const scaled = (points: readonly (readonly [number, number])[], heightMm: number): OutlinePoint[] =>
	points.map(([along, half]) => ({ alongMm: along * heightMm, halfWidthMm: half * heightMm }));

/**
 * A sleeper lying on the back, arms at the sides, seen from above: enough to judge a mat's size by.
 *
 * @param heightMm how tall, above 0
 * @returns the head as an ellipse; the outer side from neck to heel and the inner side from heel to
 *   where the legs meet, each symmetric about the body's axis
 * @throws DomainError
 * @example sleeperOutline(1750).head // { alongMm: 126, halfLengthMm: 126, halfWidthMm: 87.5 }
 */
export function sleeperOutline(heightMm: number): {
	head: { alongMm: number; halfLengthMm: number; halfWidthMm: number };
	outer: OutlinePoint[];
	inner: OutlinePoint[];
} {
	positive('heightMm', heightMm);
	return {
		head: {
			alongMm: heightMm * 0.072,
			halfLengthMm: heightMm * 0.072,
			halfWidthMm: heightMm * 0.05
		},
		outer: scaled(outer, heightMm),
		inner: scaled(inner, heightMm)
	};
}
