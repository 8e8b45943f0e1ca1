import { describe, expect, it } from 'vitest';
import { whyMoved } from '$lib/core/explain/why-moved';
import { startingPlan } from '$lib/core/model/starting-plan';
import { barePractice } from '$lib/core/practice/practice';
import { estimatePlan } from '$lib/core/estimate/estimate';
import { judgementWords } from './judgement-words';
import { moveWords, whyWords } from './why-words';
import { firstOf } from './step-fields';

describe('why a figure moved, in words', () => {
	it('says what changed, which way, and what it comes to', () => {
		expect(moveWords({ factor: 'hook', bags: -40.4, hours: -3.21, rows: -22, by: 1 })).toBe(
			'larger stitches: fewer rows, 40 bags less, 3.2 h less'
		);
		expect(moveWords({ factor: 'strip', bags: 1, hours: 0.01, rows: 0, by: -1 })).toBe(
			'a narrower strip: 1 bag more'
		);
		expect(moveWords({ factor: 'join', bags: 0, hours: 0.6, rows: 0, by: 0 })).toBe(
			'another joint: 0.60 h more'
		);
	});

	it('keeps still about what moves nothing that shows', () => {
		expect(moveWords({ factor: 'pitch', bags: 0.2, hours: 0.01, rows: 3, by: 1 })).toBe('');
		expect(whyWords([], { bags: 0, hours: 0 }, { bags: 600, hours: 40 })).toBe('');
	});

	it('names the largest share first, and three at the most', () => {
		const share = (factor: 'size' | 'bag' | 'trim' | 'hook', bags: number) =>
			({ factor, bags, hours: 0, rows: 0, by: 1 }) as const;
		const words = whyWords(
			[share('size', 5), share('bag', -90), share('trim', 40), share('hook', 3)],
			{ bags: -42, hours: 0 },
			{ bags: 600, hours: 40 }
		);
		expect(words).toBe(
			'a heavier bag: 90 bags less · more trimmed off: 40 bags more · a larger mat: 5 bags more'
		);
	});

	it('is told of a real change on the bench', () => {
		if (startingPlan.technique.kind !== 'crochet') throw new Error('crochet is wanted');
		const technique = { ...startingPlan.technique, hookMm: 10 };
		const moves = whyMoved(startingPlan, { ...startingPlan, technique }, barePractice);
		// The share is of the difference that the tally shows.
		expect(whyWords(moves, { bags: -102, hours: -9.6 }, { bags: 600, hours: 40 })).toBe(
			'larger stitches: fewer rows, 102 bags less, 9.6 h less'
		);
	});
});

describe('advice', () => {
	const callsOn = (technique: typeof startingPlan.technique, cut = startingPlan.cut) =>
		estimatePlan({ ...startingPlan, cut, technique }, barePractice).judgements.map((judgement) =>
			judgementWords(judgement, 'cm', technique.kind)
		);

	it('of crochet never speaks of beating, and of a loom never of hooks', () => {
		for (const hookMm of [8, 12, 25]) {
			for (const { act } of callsOn({ kind: 'crochet', stitch: 'dc', hookMm }))
				expect(act ?? '').not.toMatch(/beat/i);
		}
		const loom = callsOn({
			kind: 'peg-loom',
			pitchMm: 40,
			packing: 'loose',
			weftCut: startingPlan.cut
		});
		expect(loom.map(({ act }) => act ?? '').join(' ')).not.toMatch(/hook|stitch/);
	});

	it('never tells one to try the hook that is chosen', () => {
		// The only hook there is, and far too large for so narrow a strip.
		const narrow = callsOn(
			{ kind: 'crochet', stitch: 'sc', hookMm: 12, hooksMm: [12] },
			{ style: 'loops', stripWidthMm: 10, trimBottomMm: 12, trimTopMm: 12 }
		);
		const hook = narrow.find(({ call }) => call.startsWith('Hook large'));
		expect(hook?.act).toBe('No closer hook is usual: cut a wider strip.');
	});
});

it('the first field that needs a look is the first in the order of the work', () => {
	expect(firstOf({ hook: {}, strip_width: {}, mat_length: undefined })).toEqual({
		step: 'cut',
		field: 'strip_width'
	});
	expect(firstOf({})).toBeNull();
});
