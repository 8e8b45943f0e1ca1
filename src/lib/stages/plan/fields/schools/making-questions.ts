import { makingQuestions as say } from '$lib/words/plan';
import { figure, wholeNumber } from '$lib/ui/number-words';
import type { Question, Show, Ways } from './ways';

/** On how a mat is made. */
export function makingQuestions({ now, school, custom, technique }: Ways): Question[] {
	const turning: Show = ({ mat }) => [
		say.rowsAndAsManyTurns({ rows: wholeNumber(mat.rows) }),
		say.minARow({ makeSeconds: figure(mat.makeSeconds / mat.rows / 60) })
	];
	return [
		{
			question: say.whichTechnique(),
			note: say.crochetNeedsAHookAnd(),
			schools: (['crochet', 'peg-loom', 'twined', 'finger-bands'] as const).map((kind) =>
				school(kind.replace('-', ' '), technique(kind))
			)
		},
		{
			question: say.whichWayCrochetRuns(),
			note: say.acrossShortRowsOneCan(),
			schools: (['across', 'lengthwise'] as const).map((direction) =>
				school(direction, { ...technique('crochet'), direction }, turning)
			)
		},
		{
			question: say.weftReadyJoinedOrPiece(),
			note: say.joinedBallsGoFastOn(),
			schools: [
				custom(say.joinedBalls(), [
					say.ballsMadeBeforehand({ ceil: wholeNumber(Math.ceil(now.balls)) })
				]),
				custom(say.pieceByPiece(), [
					say.jointsAtTheLoom({ ceil: wholeNumber(Math.ceil(now.joints)) })
				])
			]
		}
	];
}
