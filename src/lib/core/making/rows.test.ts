import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { modelPlan } from '../model/model';
import { anyPlan } from '../model/plan.arbitrary';
import { barePoint } from '../practice/practice';
import { startingPlan } from '../model/starting-plan';
import type { RowMark, RowTap } from './count-rows';
import { countRows } from './count-rows';
import { matRows, nextPass, nextRow } from './mat-rows';

const tap = (device: string, sequence: number, step: 1 | -1 = 1): RowTap => ({
	kind: 'tap',
	step,
	device,
	sequence
});

describe('rows of a mat', () => {
	it('are the taps of every device, whatever the order they come in', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.constantFrom('a', 'b'), fc.constantFrom(1 as const, -1 as const)), {
					maxLength: 30
				}),
				fc.infiniteStream(fc.nat()),
				(steps, order) => {
					const taps = steps.map(([device, step], at) => tap(device, at + 1, step));
					const shuffled = taps
						.map((one) => ({ one, at: order.next().value as number }))
						.sort((x, y) => x.at - y.at)
						.map(({ one }) => one);
					const sum = steps.reduce((total, [, step]) => total + step, 0);
					expect(countRows(shuffled)).toBe(Math.max(0, sum));
				}
			),
			{ numRuns: 200 }
		));

	it('said as a number count from there, with what nobody had seen', () => {
		const marks: RowMark[] = [
			tap('phone', 1),
			tap('phone', 2),
			tap('tablet', 7),
			{ kind: 'set', to: 88, seen: { phone: 2 } },
			tap('phone', 3)
		];
		// The tablet's row was not seen by whoever said 88; the phone's third came after it.
		expect(countRows(marks)).toBe(90);
		// Taps that were seen may come after the number: they count no more.
		expect(countRows([...marks, tap('phone', 2)])).toBe(90);
		expect(countRows([...marks, { kind: 'set', to: 12, seen: { phone: 3, tablet: 7 } }])).toBe(12);
	});

	it('of no device are seen where they came before', () => {
		const row: RowTap = { kind: 'tap', step: 1, device: null, sequence: null };
		expect(countRows([row, row, { kind: 'set', to: 5, seen: {} }, row])).toBe(6);
	});

	it('are never fewer than none, and no number below it is taken', () => {
		expect(countRows([tap('a', 1, -1)])).toBe(0);
		expect(() => countRows([{ kind: 'set', to: -1, seen: {} }])).toThrow(DomainError);
	});
});

describe('where the next row lies', () => {
	it('is in one part after the other, each as long as the others', () =>
		fc.assert(
			fc.property(anyPlan, (plan) => {
				const rows = matRows(modelPlan(plan, barePoint).mat);
				expect(rows.total).toBe(rows.parts * rows.each);
				let made = 0;
				for (let part = 1; part <= Math.min(3, rows.parts); part++) {
					expect(nextRow(rows, made)).toEqual({ part, row: 1 });
					made += rows.each;
					expect(nextRow(rows, made - 1)).toEqual({ part, row: rows.each });
				}
				// Beyond the plan's last row it goes on.
				expect(nextRow(rows, rows.total + 4)).toEqual({ part: rows.parts, row: rows.each + 5 });
			}),
			{ numRuns: 100 }
		));
	it('is row 205 of a mat of 204 that is to grow', () => {
		const rows = matRows(modelPlan(startingPlan, barePoint).mat);
		expect(rows.ends).toBe(1);
		expect(nextRow(rows, rows.total).row).toBe(rows.total + 1);
		expect(() => nextRow(rows, 1.5)).toThrow(DomainError);
	});
	it('goes over where the last went under', () =>
		expect([0, 1, 2, 3].map(nextPass)).toEqual(['over', 'under', 'over', 'under']));
});
