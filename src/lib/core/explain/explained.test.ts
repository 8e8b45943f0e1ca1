import { describe, expect, it } from 'vitest';
import { plansOfAllSorts } from '../model/plans.arbitrary';
import { barePoint } from '../practice/practice';
import { tallyNames } from '../estimate/estimate';
import { explainFigure, explainPlan } from './explain-plan';

/** Six figures; what is nothing but for rounding is nothing. */
const figure = (value: number) => String(Math.abs(value) < 1e-9 ? 0 : Number(value.toPrecision(6)));

/** What a plan's explanation says, a line a step, and which steps each figure of the tally rests on. */
const said = (name: string, trail: ReturnType<typeof explainPlan>, figures: string[]) =>
	[
		`# ${name}`,
		...trail.map(
			({ symbol, name: what, value, unit, relation }) =>
				`${symbol} ${what}: ${figure(value)} ${unit}${relation === null ? '' : ` = ${relation}`}`
		),
		...figures
	].join('\n');

describe('the explanation of plans of all sorts', () => {
	it('is what stands in explained.txt, to the word; whoever changes it reads it there', async () => {
		const measured = {
			...barePoint,
			factors: {
				...barePoint.factors,
				pieceLength: 0.96,
				rowHeight: 0.93,
				loomPitch: 1.2,
				framePitch: 0.9,
				bandPitch: 0.88
			},
			hands: {
				...barePoint.hands,
				crochet: 1.3,
				'peg-loom': 1.2,
				twined: 0.9,
				'finger-bands': 1.1,
				join: 0.8
			}
		};
		const texts = Object.entries(plansOfAllSorts).flatMap(([name, plan]) =>
			(
				[
					['by the craft', barePoint],
					['by our own measures', measured]
				] as const
			).map(([whose, middle]) =>
				said(
					`${name}, ${whose}`,
					explainPlan(plan, middle),
					tallyNames.map(
						(tally) =>
							`→ ${tally} from ${explainFigure(plan, tally, middle)
								.map(({ symbol }) => symbol)
								.join(' ')}`
					)
				)
			)
		);
		await expect(`${texts.join('\n\n')}\n`).toMatchFileSnapshot('explained.txt');
	});
});
