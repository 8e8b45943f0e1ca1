import { expect, it } from 'vitest';
import { examples, modules } from '../../../tests/unit/core-examples';
import { fiveFigures } from '../../../tests/unit/five-figures';

/** What examples may name: everything the core exports. */
const scope: Record<string, unknown> = Object.assign({}, ...Object.values(modules));

/** The value of an expression that names what the core exports, its own module first. */
function valueOf(expression: string, own: Readonly<Record<string, unknown>>): unknown {
	const names = { ...scope, ...own };
	const evaluate = new Function(...Object.keys(names), `return (${expression});`) as (
		...values: unknown[]
	) => unknown;
	return evaluate(...Object.values(names));
}

it.each(examples)('the example $expression is $result', ({ file, expression, result }) => {
	const own = modules[file] ?? {};
	expect(fiveFigures(valueOf(expression, own))).toEqual(fiveFigures(valueOf(result, own)));
});
