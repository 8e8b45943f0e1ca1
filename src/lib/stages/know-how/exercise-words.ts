import { piecesOfTube, spiralWith } from '$lib/core/know-how/slits';
import type { ExerciseFacts } from '$lib/core/know-how/exercises';
import { isRight } from '$lib/core/know-how/exercises';
import type { JointCall, SeatTask, TrimCall } from '$lib/core/know-how/exercises-by-eye';
import { jointCalls, judgeJoint, judgeTrim } from '$lib/core/know-how/exercises-by-eye';
import { suitableHookMm } from '$lib/core/techniques/crochet/hooks';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import { faultWords, remedyWords } from '$lib/stages/check/check-words';
import { techniqueWords } from '$lib/ui/technique-words';
import { fixed, smallNumber } from '$lib/ui/number-words';
import { fineWords, strandWords } from '$lib/ui/unit-words';

const jointWords: Readonly<Record<JointCall, { readonly name: string; readonly why: string }>> = {
	snug: {
		name: 'small and snug',
		why: 'It is small, its sides are even, no hook catches in it, and it can still be undone.'
	},
	loose: {
		name: 'too loose',
		why: 'It has a hole: the hook would catch in it, and a finger find it in the mat. Draw it together.'
	},
	uneven: {
		name: 'uneven',
		why: 'One side of the ring bows out. Loosen it, slide it level, draw it snug.'
	},
	tight: {
		name: 'too tight',
		why: 'It is a hard bead: it cannot be undone, and film tears at it.'
	}
};
const trimWords: Readonly<Record<TrimCall, string>> = {
	right: 'The hole goes with the seam, and all the film above it is sound.',
	weak: 'The hole lies in the body. Whatever is trimmed, a strip would break there: it is stuffing.',
	'needless-stuffing': 'A hole so close to the seam does no harm: that part comes off anyway.',
	torn: 'The hole would stay in the first strip, and it would tear there.',
	wasted: 'That gives away a hand’s breadth of good film.'
};
const taskWords: Readonly<Record<SeatTask, string>> = {
	'cut-rings': 'cutting rings',
	'cut-spiral': 'cutting spirals',
	'trim-bags': 'trimming seams and handles',
	'trim-tails': 'trimming tails of knots',
	'cut-stack': 'cutting stacks along a ruler',
	flatten: 'flattening bags',
	join: 'joining rings',
	ball: 'winding balls',
	weave: 'weaving',
	crochet: 'crocheting',
	label: 'tying on labels',
	roll: 'rolling mats'
};
const mmWords = (mm: number, system: LengthSystem): string => formatLength(mm, system, 'small');

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
		case 'trim':
			return `This bag has a hole ${mmWords(facts.holeMm, system)} above its seam, and its body is ${mmWords(facts.bodyMm, system)} high. Where is it cut?`;
		case 'snug':
			return 'Two rings are joined, one through the other and back through itself. How is the joint?';
		case 'seat':
			return 'Somebody comes who may not sit at a blade or at sharp scissors. Which seat is free of them?';
		case 'fault':
			return `This is part of a mat, ${techniqueWords[facts.technique]}. What is done about it?`;
	}
}

/** An answer, as it can be chosen. */
export function answerWords(facts: ExerciseFacts, answer: number, system: LengthSystem): string {
	switch (facts.kind) {
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
		case 'trim':
			return answer === 0 ? 'nowhere: it is stuffing' : `${mmWords(answer, system)} above the seam`;
		case 'snug':
			return jointWords[jointCalls[answer] ?? 'snug'].name;
		case 'seat':
			return taskWords[facts.tasks[answer] ?? 'flatten'];
		case 'fault': {
			const [first = ''] = remedyWords(facts.remedies[answer] ?? facts.fault, facts.technique);
			return first.replace(/\.$/, '');
		}
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
export function exerciseReason(facts: ExerciseFacts, answer: number, system: LengthSystem): string {
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
		case 'trim':
			return right && answer === 0
				? 'A hole in the body makes weak strand: the whole bag stuffs a pillow.'
				: trimWords[judgeTrim(facts, answer)];
		case 'snug':
			return right
				? jointWords[judgeJoint(facts)].why
				: `Look again. ${jointWords[judgeJoint(facts)].why}`;
		case 'seat':
			return right
				? 'Nothing sharp is used there. At a seat with scissors or a blade sits who is trained, and what local rules say comes first.'
				: 'That is done with sharp scissors or a rolling blade.';
		case 'fault':
			return right
				? `It is this: ${faultWords[facts.fault].name.toLowerCase()}.`
				: `That mends something else: ${faultWords[facts.remedies[answer] ?? facts.fault].name.toLowerCase()}.`;
	}
}
