import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { Meeting } from './meeting';
import { meetingOf, nths, ruleOf, weekdays } from './meeting';
import { daysOfRule } from './rule-days';

const of = (rule: string, startsOn: string, endsOn: string | null = null) => ({
	rule,
	startsOn,
	endsOn,
	shut: []
});
const thursdays = of('FREQ=WEEKLY;BYDAY=TH', '2026-10-01');
const weekdayOf = (day: string) => weekdays[(new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7];
const gaps = (days: readonly string[]) =>
	days.slice(1).map((day, at) => (Date.parse(day) - Date.parse(days[at] ?? '')) / 86_400_000);

describe('the days of a rule', () => {
	it('stay seven days apart over both changes of the clock', () => {
		// The clock goes back on 25 October 2026 and forward on 28 March 2027.
		const days = daysOfRule(thursdays, '2026-10-01', '2027-04-30');
		expect(days).toHaveLength(31);
		expect(new Set(gaps(days))).toEqual(new Set([7]));
		expect(new Set(days.map(weekdayOf))).toEqual(new Set(['TH']));
	});
	it('meet a leap day, and the turn of the year', () => {
		const tuesdays = of('FREQ=WEEKLY;BYDAY=TU', '2028-02-01');
		expect(daysOfRule(tuesdays, '2028-02-20', '2028-03-10')).toEqual([
			'2028-02-22',
			'2028-02-29',
			'2028-03-07'
		]);
		expect(daysOfRule(thursdays, '2026-12-24', '2027-01-08')).toEqual([
			'2026-12-24',
			'2026-12-31',
			'2027-01-07'
		]);
	});
	it('are the same wherever the machine stands, at the date line too', () => {
		const before = process.env.TZ;
		try {
			for (const zone of ['Pacific/Kiritimati', 'Pacific/Pago_Pago', 'America/St_Johns']) {
				process.env.TZ = zone;
				expect(daysOfRule(thursdays, '2026-12-01', '2026-12-12')).toEqual([
					'2026-12-03',
					'2026-12-10'
				]);
			}
		} finally {
			process.env.TZ = before;
		}
	});
	it('begin and end where the rule does, and leave out what is shut', () => {
		const own = { ...thursdays, startsOn: '2026-12-10', endsOn: '2027-01-07' };
		expect(daysOfRule(own, '2026-01-01', '2028-01-01')).toHaveLength(5);
		const shut = [{ from: '2026-12-24', to: '2026-12-31' }];
		expect(daysOfRule({ ...own, shut }, '2026-01-01', '2028-01-01')).toEqual([
			'2026-12-10',
			'2026-12-17',
			'2027-01-07'
		]);
		expect(daysOfRule(own, '2027-02-01', '2027-01-01')).toEqual([]);
	});
	it('are every second week from the week it starts in, and some of a month', () => {
		expect(
			daysOfRule(of('FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', '2026-12-01'), '2026-12-01', '2026-12-31')
		).toEqual(['2026-12-03', '2026-12-17', '2026-12-31']);
		expect(
			daysOfRule(of('FREQ=MONTHLY;BYDAY=1SA,-1SA', '2026-12-01'), '2026-12-01', '2027-01-31')
		).toEqual(['2026-12-05', '2026-12-26', '2027-01-02', '2027-01-30']);
	});
});

describe('a meeting and its rule', () => {
	const someWeekdays = fc.subarray([...weekdays], { minLength: 1 });
	const meetings: fc.Arbitrary<Meeting> = fc.oneof(
		fc.record({
			sort: fc.constant('weekly' as const),
			every: fc.integer({ min: 1, max: 8 }),
			weekdays: someWeekdays
		}),
		fc.record({
			sort: fc.constant('monthly' as const),
			nths: fc.subarray([...nths], { minLength: 1 }),
			weekdays: someWeekdays
		})
	);
	it('are one thing, and its days fall on its weekdays', () =>
		fc.assert(
			fc.property(meetings, (meeting) => {
				expect(meetingOf(ruleOf(meeting))).toEqual(meeting);
				const days = daysOfRule(of(ruleOf(meeting), '2026-12-01'), '2026-12-01', '2027-06-01');
				expect(days.length).toBeGreaterThan(0);
				expect(days.every((day) => meeting.weekdays.some((one) => one === weekdayOf(day)))).toBe(
					true
				);
				expect(days).toEqual(days.toSorted());
			}),
			{ numRuns: 60 }
		));
	it('a rule of another kind is none, and a meeting without a day is no rule', () => {
		for (const rule of ['FREQ=DAILY', 'FREQ=WEEKLY;BYDAY=XX', 'FREQ=MONTHLY;BYDAY=9SA', ''])
			expect(meetingOf(rule)).toBeNull();
		expect(() => ruleOf({ sort: 'weekly', every: 1, weekdays: [] })).toThrow('weekdays');
		expect(() => ruleOf({ sort: 'weekly', every: NaN, weekdays: ['TH'] })).toThrow('every');
		expect(() => ruleOf({ sort: 'monthly', nths: [], weekdays: ['TH'] })).toThrow('nths');
	});
});
