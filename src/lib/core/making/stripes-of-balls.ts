import { within } from '../domain-error';
import type { ColourRows } from './strand-left';
import type { ColourName } from '../colour/colours';

/**
 * The rows of a mat by the balls that lie in it, where these are of other colours than its plan has; null where the
 * plan's stripes are of the colours of its balls, or no ball is known.
 *
 * @param balls bags' worth of each colour, in the order they were given
 * @param planned the stripes of its plan
 * @param knownShare share of the mat that these balls are, above 0 to 1; the rest is of no known colour
 * @throws DomainError
 * @example stripesOfBalls([{ colour: 'white', bags: 5 }], [{ colour: 'blue', rows: 10 }], 0.5) // [{ colour: 'white', rows: 5 }, { colour: 'mixed', rows: 5 }]
 */
export function stripesOfBalls(
	balls: readonly { readonly colour: ColourName; readonly bags: number }[],
	planned: readonly ColourRows[],
	knownShare: number
): ColourRows[] | null {
	within('knownShare', knownShare, { moreThan: 0, atMost: 1 });
	const all = balls.reduce((sum, { bags }) => sum + bags, 0);
	const rows = planned.reduce((sum, stripe) => sum + stripe.rows, 0);
	const lie = new Set(balls.map(({ colour }) => colour));
	const wanted = new Set(planned.map(({ colour }) => colour));
	if (all <= 0 || rows <= 0) return null;
	if (wanted.has('mixed') || [...wanted].every((colour) => lie.has(colour))) return null;
	const found: { colour: ColourName; rows: number }[] = [];
	let [bags, done] = [0, 0];
	const until = (share: number, colour: ColourName) => {
		const end = Math.round(share * rows);
		const last = found.at(-1);
		if (end > done && last?.colour === colour) last.rows += end - done;
		else if (end > done) found.push({ colour, rows: end - done });
		done = Math.max(done, end);
	};
	for (const ball of balls) {
		bags += ball.bags;
		until((bags / all) * knownShare, ball.colour);
	}
	until(1, 'mixed');
	return found;
}
