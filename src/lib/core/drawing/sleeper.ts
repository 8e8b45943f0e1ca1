import type { OutlinePoint } from '../size/sleeper-outline';
import { sleeperOutline } from '../size/sleeper-outline';
import { through, type Point } from './smooth-line';

/**
 * The sleeper lying along x as a path: head and body.
 *
 * @param heightMm of the sleeper, above 0
 * @param scale units of the drawing a millimetre
 * @param start where the crown lies
 * @param middle the axis of the body
 * @throws DomainError where the height is not above 0
 * @example sleeperPath(1750, 0.2, 10, 100).slice(0, 7) // 'M10 100'
 */
export function sleeperPath(
	heightMm: number,
	scale: number,
	start: number,
	middle: number
): string {
	const { head, outer, inner } = sleeperOutline(heightMm);
	const side = (points: readonly OutlinePoint[], sign: 1 | -1): Point[] =>
		points.map(({ alongMm, halfWidthMm }) => [
			start + alongMm * scale,
			middle + sign * halfWidthMm * scale
		]);
	const line = (points: readonly Point[], pen: 'M' | 'L') =>
		`${pen}${points[0]?.join(' ')}${through(points)}`;
	const [rx, ry] = [head.halfLengthMm * scale, head.halfWidthMm * scale];
	const crown = start + (head.alongMm - head.halfLengthMm) * scale;
	return [
		`M${crown} ${middle}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0z`,
		line(side(outer, -1), 'M'),
		line(side(inner, -1), 'L'),
		line(side(inner, 1).reverse(), 'L'),
		line(side(outer, 1).reverse(), 'L'),
		'Z'
	].join('');
}
