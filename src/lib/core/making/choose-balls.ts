import type { ColourName } from '../colour/colours';
import { within } from '../domain-error';
import type { StrandLeft } from './strand-left';

/** A ball that lies there: of one colour, with its strand, m. */
export interface BallThere {
	readonly code: string;
	readonly colour: ColourName;
	readonly metres: number;
}

/** Steps in which strand is reckoned here, m. */
const stepM = 0.1;

/** Of some balls those that come to enough with least left over, and fewest of them; all where they do not. */
function enoughOf(balls: readonly BallThere[], neededM: number): BallThere[] {
	const needed = Math.ceil(neededM / stepM - 1e-6);
	const lengths = balls.map(({ metres }) => Math.floor(metres / stepM + 1e-6));
	if (lengths.reduce((sum, one) => sum + one, 0) < needed) return [...balls];
	const most = needed + Math.max(...lengths);
	// The fewest balls that come to each length, and which was the last of them.
	const fewest = new Array<number>(most + 1).fill(Infinity);
	const lastOf = lengths.map(() => new Uint8Array(most + 1));
	fewest[0] = 0;
	for (const [ball, length] of lengths.entries())
		for (let sum = most; sum >= length; sum--) {
			const count = (fewest[sum - length] ?? Infinity) + 1;
			if (count >= (fewest[sum] ?? Infinity)) continue;
			fewest[sum] = count;
			const marks = lastOf[ball];
			if (marks) marks[sum] = 1;
		}
	let sum = fewest.findIndex((count, at) => at >= needed && Number.isFinite(count));
	const chosen: BallThere[] = [];
	for (let ball = balls.length - 1; ball >= 0 && sum > 0; ball--) {
		const one = balls[ball];
		if (!one || lastOf[ball]?.[sum] !== 1) continue;
		chosen.unshift(one);
		sum -= lengths[ball] ?? 0;
	}
	return chosen;
}

/**
 * The balls to give for a mat so that its stripes come out: of each colour enough for what it lacks, with
 * as little left over as may be.
 *
 * @param left strand a mat takes against what is at hand, in the order of its colours
 * @param balls that lie there, each with a length above 0
 * @throws DomainError
 * @example chooseBalls([{ colour: 'blue', neededM: 50, inHandM: 0, lacksM: 50 }], [{ code: 'A', colour: 'blue', metres: 40 }, { code: 'B', colour: 'blue', metres: 30 }, { code: 'C', colour: 'blue', metres: 22 }]).map(({ code }) => code) // ['B', 'C']
 */
export function chooseBalls(left: readonly StrandLeft[], balls: readonly BallThere[]): BallThere[] {
	for (const { metres } of balls) within('metres', metres, { moreThan: 0 });
	return left
		.filter(({ lacksM }) => lacksM > stepM / 2)
		.flatMap(({ colour, lacksM }) =>
			enoughOf(
				balls.filter((ball) => ball.colour === colour),
				lacksM
			)
		);
}
