import { schoolDoor as say } from '$lib/words/plan';
import { DomainError } from '$lib/core/domain-error';
import type { ReadFile } from '$lib/ui/read-json';
import { jsonOf, shapedAs } from '$lib/ui/read-json';
import { z } from 'zod';
import { schoolAnswers } from './answers';
import type { SchoolName } from './shapes';
import { schoolNames, schoolShapes } from './shapes';

const caseShape = z.object(
	{
		school: z.enum(schoolNames as [SchoolName, ...SchoolName[]], {
			error: say.school({ names: schoolNames.join(', ') })
		}),
		input: z.unknown()
	},
	{ error: say.notACase() }
);

/** Reads a case of a practice out of the text of a file and answers it, or says all that is wrong with it. */
export function answerSchool(text: string): ReadFile<object> {
	const { value: content, problems: unread } = jsonOf(text);
	if (unread) return { problems: unread };
	const { value: asked, problems: unlike } = shapedAs(content, caseShape);
	if (unlike) return { problems: unlike };
	// Which shape goes with which answer is the table's own affair: both are taken from one name.
	const shape: z.ZodType<never> = schoolShapes[asked.school] as never;
	const answer: (input: never) => object = schoolAnswers[asked.school];
	const { value: input, problems } = shapedAs(asked.input, shape);
	if (problems)
		return {
			problems: problems.map(({ path, sentence }) => ({
				path: path === 'file' ? 'input' : `input.${path}`,
				sentence
			}))
		};
	try {
		return { value: answer(input) };
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		const { parameter, value } = error;
		const sentence = Number.isFinite(value)
			? say.cannotBe({ value: Number(value.toPrecision(4)) })
			: say.isMissing();
		return { problems: [{ path: `input.${snake(parameter)}`, sentence }] };
	}
}

const snake = (name: string): string =>
	name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
