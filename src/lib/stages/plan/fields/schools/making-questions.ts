import { figure, wholeNumber } from '$lib/ui/number-words';
import type { Question, Show, Ways } from './ways';

/** On how a mat is made. */
export function makingQuestions({ now, school, custom, technique }: Ways): Question[] {
	const turning: Show = ({ mat }) => [
		`${wholeNumber(mat.rows)} rows and as many turns`,
		`${figure(mat.makeSeconds / mat.rows / 60)} min a row`
	];
	return [
		{
			question: 'Which technique',
			note: 'Crochet needs a hook and practice, and travels home. A peg loom seats up to four and is learned in an hour. A frame makes panels. Bands need nothing but hands.',
			schools: (['crochet', 'peg-loom', 'twined', 'finger-bands'] as const).map((kind) =>
				school(kind.replace('-', ' '), technique(kind))
			)
		},
		{
			question: 'Which way crochet runs',
			note: 'Across: short rows one can finish at a sitting. Lengthwise: a third of the turns, and stripes as long as the sleeper.',
			schools: (['across', 'lengthwise'] as const).map((direction) =>
				school(direction, { ...technique('crochet'), direction }, turning)
			)
		},
		{
			question: 'Weft ready-joined, or piece by piece',
			note: 'Joined balls go fast on a peg loom. On a twining frame each piece is joined as it is reached, because slack must be worked out of it.',
			schools: [
				custom('joined balls', [`${wholeNumber(Math.ceil(now.balls))} balls made beforehand`]),
				custom('piece by piece', [`${wholeNumber(Math.ceil(now.joints))} joints at the loom`])
			]
		}
	];
}
