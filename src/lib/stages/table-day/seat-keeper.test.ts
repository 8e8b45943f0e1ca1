import * as tableDayWords from '$lib/words/table-day';
import { describe, expect, it } from 'vitest';
import type { DaySeat } from './day-view';
import { SeatKeeper, type SeatsSent } from './seat-keeper.svelte';

const seat = (personId: string): DaySeat => ({ personId, station: 'cut', from: 0, to: 60 });

/** A day on a bench, and a server that answers as told once it is let. */
function table(version = 3) {
	const bench = { day: { version }, seats: [] as readonly DaySeat[], isAhead: false };
	const sent: { version: number; who: string[]; answer: (how: SeatsSent) => void }[] = [];
	let renewed = 0;
	/** What the page brings: its seats stand, unless those here are ahead. */
	const page = { version, seats: [] as readonly DaySeat[] };
	const renew = () => {
		bench.day = { version: page.version };
		if (!bench.isAhead) bench.seats = page.seats;
	};
	const keeper = new SeatKeeper(
		bench,
		(version, seats) =>
			new Promise<SeatsSent>((resolve) => {
				const who = seats.map(({ personId }) => personId);
				sent.push({ version, who, answer: resolve });
			}),
		() => {
			renewed += 1;
			renew();
			return Promise.resolve();
		}
	);
	return {
		bench,
		keeper,
		sent,
		page,
		/** The page is read anew for another reason. */
		renew,
		get renewed() {
			return renewed;
		},
		move: (...people: string[]) => {
			bench.seats = people.map(seat);
			return keeper.keep();
		},
		/** The server keeps the seats sent last. */
		keeps: () => {
			const last = sent.at(-1);
			page.version = (last?.version ?? 0) + 1;
			page.seats = (last?.who ?? []).map(seat);
			last?.answer('kept');
		}
	};
}
const settled = () => new Promise((resolve) => setTimeout(resolve));

describe('seats', () => {
	it('are kept one after the other, each by the version the one before left, and the page is read once', async () => {
		const at = table();
		const all = at.move('Gus');
		void at.move('Gus', 'Bo');
		void at.move('Gus', 'Bo', 'Kit');
		expect(at.sent.map(({ version, who }) => [version, who])).toEqual([[3, ['Gus']]]);
		expect(at.keeper.isUnsent).toBe(true);
		at.keeps();
		await settled();
		expect(at.sent.map(({ version, who }) => [version, who.length])).toEqual([
			[3, 1],
			[4, 3]
		]);
		expect([at.renewed, at.keeper.isUnsent, at.keeper.isKeeping]).toEqual([0, false, true]);
		at.keeps();
		await all;
		expect(at.renewed).toBe(1);
		expect([at.keeper.isKeeping, at.bench.isAhead, at.bench.day.version]).toEqual([
			false,
			false,
			5
		]);
	});

	it('that are on their way are not taken back by a page that does not know them yet', async () => {
		const at = table();
		const all = at.move('Gus');
		at.renew();
		expect(at.bench.seats.map(({ personId }) => personId)).toEqual(['Gus']);
		at.keeps();
		await all;
		expect(at.bench.seats.map(({ personId }) => personId)).toEqual(['Gus']);
	});

	it('that reach nobody stand, say so, and go again by the version they follow from', async () => {
		const at = table();
		const all = at.move('Gus');
		at.sent[0]?.answer({ why: tableDayWords.DayPlan.noNetwork() });
		await all;
		expect(at.keeper.said).toBe(
			'Not saved yet: no network. The seats are still here. Save again in a moment.'
		);
		expect(at.keeper.isUnsent).toBe(true);
		// Meanwhile somebody else set theirs: these must not take their place unseen.
		Object.assign(at.page, { version: 4, seats: [seat('Odo')] });
		at.renew();
		expect(at.bench.seats.map(({ personId }) => personId)).toEqual(['Gus']);
		const again = at.keeper.keep();
		expect(at.sent[1]?.version).toBe(3);
		expect(at.keeper.said).toContain('Not saved yet');
		at.sent[1]?.answer('refused');
		await again;
		expect(at.bench.seats.map(({ personId }) => personId)).toEqual(['Odo']);
		expect([at.keeper.isUnsent, at.keeper.said]).toEqual([false, '']);
		// What is moved from here follows from theirs.
		void at.move('Odo', 'Gus');
		expect(at.sent[2]?.version).toBe(4);
	});

	it('moved while the page is read anew follow from what was kept, and go as well', async () => {
		const at = table();
		const all = at.move('Gus');
		at.keeps();
		await Promise.resolve();
		void at.move('Gus', 'Bo');
		await settled();
		expect(at.sent.map(({ version, who }) => [version, who.length])).toEqual([
			[3, 1],
			[4, 2]
		]);
		at.keeps();
		await all;
		expect(at.bench.seats).toHaveLength(2);
	});
});
