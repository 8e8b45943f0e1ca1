import { listWords } from '$lib/ui/list-words';
import { exerciseWords as msg } from '$lib/words/know-how';
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
		name: msg.smallAndSnug(),
		why: msg.itIsSmallItsSides()
	},
	loose: {
		name: msg.tooLoose(),
		why: msg.itHasAHoleThe()
	},
	uneven: {
		name: msg.uneven(),
		why: msg.oneSideOfTheRing()
	},
	tight: {
		name: msg.tooTight(),
		why: msg.itIsAHardBead()
	}
};
const trimWords: Readonly<Record<TrimCall, string>> = {
	right: msg.theHoleGoesWithThe(),
	weak: msg.theHoleLiesInThe(),
	'needless-stuffing': msg.aHoleSoCloseTo(),
	torn: msg.theHoleWouldStayIn(),
	wasted: msg.thatWastesAHandsWidth()
};
const taskWords: Readonly<Record<SeatTask, string>> = {
	'cut-rings': msg.cuttingLoops(),
	'cut-spiral': msg.cuttingSpirals(),
	'trim-bags': msg.trimmingSeamsAndHandles(),
	'trim-tails': msg.trimmingTailsOfKnots(),
	'cut-stack': msg.cuttingStacksAlongARuler(),
	flatten: msg.flatteningBags(),
	join: msg.joiningLoops(),
	ball: msg.windingBalls(),
	weave: msg.weaving(),
	crochet: msg.crocheting(),
	label: msg.tyingOnLabels(),
	roll: msg.rollingMats()
};
const mmWords = (mm: number, system: LengthSystem): string => formatLength(mm, system, 'small');

/** What is asked. */
export function questionWords(facts: ExerciseFacts, system: LengthSystem): string {
	switch (facts.kind) {
		case 'slit':
			return msg.aBagIsSlitInto({ turns: smallNumber(facts.turns), slit: facts.slit });
		case 'over-under':
			return msg.rowHasComeToStrand({ row: facts.row, strand: facts.strand });
		case 'wrong-row':
			return msg.oneRowLiesLikeThe();
		case 'crossings':
			return msg.aTurnOfStrandsIs({
				strands: smallNumber(facts.strands),
				made: smallNumber(facts.made),
				made2: facts.made
			});
		case 'hook':
			return msg.aStrandIsThickPressed({ fine: fineWords(facts.diameterMm, system) });
		case 'ball-end':
			return msg.aBallHoldsAndA({
				strand: strandWords(facts.ballMm, system),
				strand2: strandWords(facts.rowMm, system),
				from: facts.from
			});
		case 'trim':
			return msg.thisBagHasAHole({
				mm: mmWords(facts.holeMm, system),
				mm2: mmWords(facts.bodyMm, system)
			});
		case 'snug':
			return msg.twoRingsAreJoinedOne();
		case 'seat':
			return msg.somebodyComesWhoMayNot();
		case 'fault':
			return msg.thisIsPartOfA({ techniqueWords: techniqueWords[facts.technique] });
	}
}

/** An answer, as it can be chosen. */
export function answerWords(facts: ExerciseFacts, answer: number, system: LengthSystem): string {
	switch (facts.kind) {
		case 'slit':
			return msg.turn({ answer });
		case 'over-under':
			return answer === 1 ? msg.over() : msg.under();
		case 'wrong-row':
		case 'ball-end':
			return msg.row({ answer });
		case 'crossings':
			return answer === 1 ? msg.oneMore() : msg.more({ count: smallNumber(answer) });
		case 'hook':
			return `${answer} mm`;
		case 'trim':
			return answer === 0
				? msg.nowhereItIsStuffing()
				: msg.aboveTheSeam({ mm: mmWords(answer, system) });
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
		? msg.turn2({ run: (run[0] ?? 0) + 1 })
		: msg.turns({
				toSorted: listWords(
					run
						.map((turn) => turn + 1)
						.toSorted((one, other) => one - other)
						.map(String)
				)
			});

/** Why an answer is right, or what would come of it. */
export function exerciseReason(facts: ExerciseFacts, answer: number, system: LengthSystem): string {
	const right = isRight(facts, answer);
	switch (facts.kind) {
		case 'slit': {
			const { rings } = piecesOfTube(spiralWith(facts.turns, facts.slit - 1, answer - 1));
			return right
				? msg.eachSlitGoesOverTo()
				: msg.cutSoLengthPluralOne({
						rings: rings.map(turns).join(', and '),
						length: rings.flat().length
					});
		}
		case 'over-under':
			return right ? msg.whatTheRowBeforeGoes() : msg.soItWouldLieLike();
		case 'wrong-row':
			return right ? msg.itGoesOverWhatThe() : msg.thatRowTakesTurnsWith();
		case 'crossings':
			return right ? msg.thenEveryStrandLiesWhere() : msg.thenAtLeastTwoStrands();
		case 'hook': {
			const { near, far } = suitableHookMm(facts.diameterMm);
			const fits = msg.fromToMmSuitIt({ near: fixed(near, 1), far: fixed(far, 1) });
			if (right) return fits;
			return `${answer < near ? msg.itWouldHardlyEnterThe() : msg.theMatWouldBeOpen()} ${fits}`;
		}
		case 'ball-end': {
			const rows = Math.floor(facts.ballMm / facts.rowMm);
			const whole = msg.itMakesWholeRowsTo({
				rows: smallNumber(rows),
				from: facts.from,
				from2: facts.from + rows - 1,
				strand: strandWords(facts.ballMm - rows * facts.rowMm, system),
				from3: facts.from + rows
			});
			return right ? whole : msg.divideWhatTheBallHolds({ whole });
		}
		case 'trim':
			return right && answer === 0 ? msg.aHoleInTheBody() : trimWords[judgeTrim(facts, answer)];
		case 'snug':
			return right
				? jointWords[judgeJoint(facts)].why
				: msg.lookAgain({ why: jointWords[judgeJoint(facts)].why });
		case 'seat':
			return right ? msg.nothingSharpIsUsedThere() : msg.thatNeedsSharpScissorsOr();
		case 'fault':
			return right
				? msg.itIsThis({ name: faultWords[facts.fault].name.toLowerCase() })
				: msg.thatMendsSomethingElse({
						name: faultWords[facts.remedies[answer] ?? facts.fault].name.toLowerCase()
					});
	}
}
