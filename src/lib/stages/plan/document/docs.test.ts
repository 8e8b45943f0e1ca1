import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readPlanFile } from './plan-file';

it('the example in docs/plan-format.md is a plan file', () => {
	const example = /```json\n([\s\S]*?)```/.exec(readFileSync('docs/plan-format.md', 'utf8'))?.[1];
	const read = readPlanFile(example ?? '');
	expect(read.problems).toBeUndefined();
	expect(read.plan?.technique.kind).toBe('crochet');
});
