import { positive } from '../domain-error';

/** A point on the outline: mm from the crown along the body, and half the width there, mm. */
export interface OutlinePoint {
	readonly alongMm: number;
	readonly halfWidthMm: number;
}

/** Share of the height along the body, and half the width there as a share of the height. */
const body: readonly (readonly [number, number])[] = [
	[0.145, 0.028],
	[0.165, 0.032],
	[0.185, 0.11],
	[0.22, 0.132],
	[0.3, 0.136],
	[0.4, 0.118],
	[0.48, 0.108],
	[0.56, 0.104],
	[0.7, 0.08],
	[0.86, 0.056],
	[0.95, 0.05],
	[1, 0.046]
];

/**
 * A sleeper lying on the back, arms at the sides, seen from above: enough to judge a mat's size by.
 *
 * @param heightMm how tall, above 0
 * @returns the head as an ellipse, and the body's outline from neck to feet, symmetric about its axis
 */
export function sleeperOutline(heightMm: number): {
	head: { alongMm: number; halfLengthMm: number; halfWidthMm: number };
	body: OutlinePoint[];
} {
	positive('heightMm', heightMm);
	return {
		head: {
			alongMm: heightMm * 0.075,
			halfLengthMm: heightMm * 0.075,
			halfWidthMm: heightMm * 0.052
		},
		body: body.map(([along, half]) => ({ alongMm: along * heightMm, halfWidthMm: half * heightMm }))
	};
}
