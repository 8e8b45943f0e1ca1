import { piecesOfTube, spiralWith } from '$lib/core/know-how/slits';
import type { ExerciseFacts, ExerciseKind } from '$lib/core/know-how/exercises';
import { isRight } from '$lib/core/know-how/exercises';
import { suitableHookMm } from '$lib/core/techniques/crochet/hooks';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fixed, smallNumber } from '$lib/ui/number-words';
import { fineWords, strandWords } from '$lib/ui/unit-words';

/** What is practised, in a few words. */
export const exerciseNames: Readonly<Record<ExerciseKind, string>> = {
	slit: 'Which slit joins which',
	'over-under': 'Over or under next',
	'wrong-row': 'Which row is wrong',
	crossings: 'How many crossings home',
	hook: 'Which hook for this strand',
	'ball-end': 'Where this ball runs out'
};

/** What is asked. */
export function questionWords(facts: ExerciseFacts, system: LengthSystem): string {
	switch (facts.kind) {
		case 'slit':
			return `A bag is slit into ${smallNumber(facts.turns)} turns, all but the margin. Every slant is cut but that of turn ${facts.slit}. Into which turn does it go over?`;
		case 'over-under':
			return `Row ${facts.row} has come to strand ${facts.strand} from the left. Does the weft go over it, or under it?`;
		case 'wrong-row':
			return 'One row lies like the row before it, so that two strands lie side by side unbound. Which row is wrong?';
		case 'crossings':
			return `A turn of ${smallNumber(facts.strands)} strands is braided ${smallNumber(facts.made)} ${facts.made === 1 ? 'crossing' : 'crossings'} far. How many more bring every strand back to its own place?`;
		case 'hook':
			return `A strand is ${fineWords(facts.diameterMm, system)} thick, pressed together. Which hook suits it?`;
		case 'ball-end':
			return `A ball holds ${strandWords(facts.ballMm, system)}, and a row takes ${strandWords(facts.rowMm, system)}. It is begun with row ${facts.from}. In which row does it run out?`;
	}
}

/** An answer, as it can be chosen. */
export function answerWords({ kind }: ExerciseFacts, answer: number): string {
	switch (kind) {
		case 'slit':
			return `turn ${answer}`;
		case 'over-under':
			return answer === 1 ? 'over' : 'under';
		case 'wrong-row':
		case 'ball-end':
			return `row ${answer}`;
		case 'crossings':
			return answer === 1 ? 'one more' : `${smallNumber(answer)} more`;
		case 'hook':
			return `${answer} mm`;
	}
}

const turns = (run: readonly number[]): string =>
	run.length === 1
		? `turn ${(run[0] ?? 0) + 1}`
		: `turns ${run
				.map((turn) => turn + 1)
				.toSorted((one, other) => one - other)
				.join(' and ')}`;

/** Why an answer is right, or what would come of it. */
export function whyWords(facts: ExerciseFacts, answer: number, system: LengthSystem): string {
	const right = isRight(facts, answer);
	switch (facts.kind) {
		case 'slit': {
			const { rings } = piecesOfTube(spiralWith(facts.turns, facts.slit - 1, answer - 1));
			return right
				? 'Each slit goes over to the next one up: the whole bag is one strip.'
				: `Cut so, ${rings.map(turns).join(', and ')} ${rings.flat().length === 1 ? 'runs into itself and falls out as a ring' : 'run into each other and fall out as a ring'}. A slit goes over to the next one up.`;
		}
		case 'over-under':
			return right
				? 'What the row before goes over, this one goes under: so both are bound.'
				: 'So it would lie like the row before, and both would slide: what that went over, this goes under.';
		case 'wrong-row':
			return right
				? 'It goes over what the row before went over, and under what that went under. Take it back to there.'
				: 'That row takes turns with one of its neighbours. Look for three rows alike: the middle one is wrong.';
		case 'crossings':
			return right
				? `Then every strand lies where it began, and the next row can go on in the same order.`
				: 'Then at least two strands lie in each other’s place, and the colours swap sides.';
		case 'hook': {
			const { near, far } = suitableHookMm(facts.diameterMm);
			const fits = `From ${fixed(near, 1)} to ${fixed(far, 1)} mm suit it, near for a dense mat, far for an open one.`;
			if (right) return fits;
			return `${answer < near ? 'It would hardly enter the stitches.' : 'The mat would be open: a fingertip goes through.'} ${fits}`;
		}
		case 'ball-end': {
			const rows = Math.floor(facts.ballMm / facts.rowMm);
			const whole = `It makes ${smallNumber(rows)} whole rows, ${facts.from} to ${facts.from + rows - 1}, and ${strandWords(facts.ballMm - rows * facts.rowMm, system)} are left for row ${facts.from + rows}.`;
			return right ? whole : `${whole} Divide what the ball holds by what a row takes.`;
		}
	}
}
