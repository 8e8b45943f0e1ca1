import type { ColourName } from '../colour/colours';
import { within } from '../domain-error';

/** A colour that is asked for, or `any`. */
export type AskedColour = ColourName | 'any';

/** Bags' worth of strand by colour. */
export type ByColour = Partial<Readonly<Record<AskedColour, number>>>;

/** How far the balls there go for one plan. */
export interface HowFar {
	/** Mats that can begin with all their balls. */
	readonly mats: number;
	/** Balls that the next mat still lacks, by colour; nothing where no further mat is wanted. */
	readonly lacking: Partial<Readonly<Record<AskedColour, number>>>;
}

const crumb = 1e-6;

/**
 * How many mats the balls there begin, and how many balls more the next one takes.
 *
 * @param need of one mat, in bags by colour; what may be of any colour under `any`
 * @param there bags in the balls that suit, by colour
 * @param bagsPerBall above 0
 * @param wanted mats still wanted, 0 or more
 * @throws DomainError
 * @example howFar({ white: 100, blue: 60 }, { white: 140, blue: 130 }, 20, 2) // { mats: 1, lacking: { white: 3 } }
 */
export function howFar(
	need: ByColour,
	there: ByColour,
	bagsPerBall: number,
	wanted: number
): HowFar {
	within('bagsPerBall', bagsPerBall, { moreThan: 0 });
	within('wanted', wanted, { atLeast: 0, isWhole: true });
	/** What would be short, in bags, for so many mats: what may be of any colour takes what the named leave. */
	const shortFor = (mats: number): [AskedColour, number][] => {
		const named = Object.entries(need).filter(([colour]) => colour !== 'any') as [
			AskedColour,
			number
		][];
		let over = Object.values(there).reduce((sum, bags) => sum + bags, 0);
		const short: [AskedColour, number][] = [];
		for (const [colour, bags] of named) {
			const used = Math.min(mats * bags, there[colour] ?? 0);
			over -= used;
			short.push([colour, mats * bags - used]);
		}
		short.push(['any', Math.max(0, mats * (need.any ?? 0) - over)]);
		return short.filter(([, bags]) => bags > crumb);
	};
	let mats = 0;
	while (mats < wanted && shortFor(mats + 1).length === 0) mats++;
	const lacking =
		mats < wanted
			? shortFor(mats + 1).map(([colour, bags]) => [colour, Math.ceil(bags / bagsPerBall - crumb)])
			: [];
	return { mats, lacking: Object.fromEntries(lacking) };
}
