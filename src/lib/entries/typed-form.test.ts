import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outbox } from './outbox.svelte';
import type { Sent } from './waiting';
import { mending } from './outbox.svelte';
import { countedOnce } from '../ui/slip';
import { TypedForm } from './typed-form.svelte';

/** A outbox that only notes what it is given. */
function notingQueue(how: Sent = { outcome: 'kept' }) {
	const dropped: string[] = [];
	const given: { type: string; typed: object; words: string }[] = [];
	const outbox = {
		readBy: () => ({ system: 'cm', today: '2026-11-26' }),
		add: (type: string, typed: object, words: string, onshelved: () => void) => {
			given.push({ type, typed, words });
			if (how.outcome !== 'lost') onshelved();
			return Promise.resolve(how);
		},
		drop: (key: string) => {
			dropped.push(key);
			return Promise.resolve();
		}
	};
	return { given, dropped, outbox: outbox as unknown as Outbox };
}
const start = {
	work: 'join',
	way: 'loop',
	units: '',
	people: '1',
	minutes: '',
	worked_on: '2026-11-24'
};

describe('a form of an entry', () => {
	it('hands a good entry on as it was typed, and begins anew with what stays', async () => {
		const { given, outbox } = notingQueue();
		const form = new TypedForm('timed', start, outbox);
		Object.assign(form.typed, { units: '240', people: '3', minutes: '52' });
		await form.submit('240 joints timed', ['people', 'work']);
		expect(given).toEqual([
			{
				type: 'timed',
				typed: { ...start, units: '240', people: '3', minutes: '52' },
				words: '240 joints timed'
			}
		]);
		expect(form.typed).toEqual({ ...start, people: '3' });
		expect(form.said).toBe('Saved: 240 joints timed.');
		expect(form.problems).toEqual({});
	});

	it('begins with another day where nothing was typed over the day it began with', async () => {
		const { given, outbox } = notingQueue();
		const form = new TypedForm('timed', start, outbox);
		form.startWith('worked_on', '2026-11-23');
		Object.assign(form.typed, { units: '240', minutes: '52' });
		await form.submit('240 joints timed', []);
		expect(given[0]?.typed).toMatchObject({ worked_on: '2026-11-23' });
		expect(form.typed).toEqual({ ...start, worked_on: '2026-11-23' });
		// The day passes: pressing again before anything is typed still sends nothing.
		form.startWith('worked_on', '2026-11-25');
		expect(await form.submit('240 joints timed', [])).toBe(false);
		expect(form.typed['worked_on']).toBe('2026-11-25');
		expect(given).toHaveLength(1);
		form.typed['worked_on'] = '2026-11-20';
		form.startWith('worked_on', '2026-11-26');
		expect(form.typed['worked_on']).toBe('2026-11-20');
	});

	it('on a device that keeps nothing stays in its fields, and says so', async () => {
		const { outbox } = notingQueue({ outcome: 'lost' });
		const form = new TypedForm('timed', start, outbox);
		Object.assign(form.typed, { units: '240', minutes: '52' });
		await form.submit('240 joints timed', []);
		expect(form.typed).toMatchObject({ units: '240', minutes: '52' });
		expect(form.said).toContain('It is still here');
		// It may be sent again as it stands.
		await form.submit('240 joints timed', []);
		expect(form.typed.units).toBe('240');
	});

	it('is cleared only once the device has it', async () => {
		let shelve = () => {};
		const waiting = new Promise<Sent>((resolve) => {
			shelve = () => resolve({ outcome: 'kept' });
		});
		const { outbox } = notingQueue();
		const slow = {
			...outbox,
			readBy: outbox.readBy,
			add: async (_: string, __: object, ___: string, onshelved: () => void) => {
				const sent = await waiting;
				onshelved();
				return sent;
			}
		} as unknown as Outbox;
		const form = new TypedForm('timed', start, slow);
		Object.assign(form.typed, { units: '240', minutes: '52' });
		const sending = form.submit('240 joints timed', []);
		expect(form.typed.units).toBe('240');
		shelve();
		await sending;
		expect(form.typed.units).toBe('');
	});

	describe('pressed twice', () => {
		beforeEach(() => void vi.useFakeTimers());
		afterEach(() => void vi.useRealTimers());
		const filled = { ...start, units: '9', minutes: '9' };
		const all = Object.keys(filled);

		it('within a moment counts once, and says so', async () => {
			const { given, outbox } = notingQueue();
			const form = new TypedForm('timed', filled, outbox);
			const first = form.submit('9 joints timed', all);
			await vi.advanceTimersByTimeAsync(399);
			expect(await form.submit('9 joints timed', all)).toBe(false);
			await first;
			expect(given).toHaveLength(1);
			expect(form.said).toBe(`Saved: 9 joints timed. ${countedOnce}`);
		});

		it('counts once where the fields began anew meanwhile, with no fault found in them', async () => {
			const { given, outbox } = notingQueue();
			const form = new TypedForm('timed', start, outbox);
			Object.assign(form.typed, { units: '240', minutes: '52' });
			await form.submit('240 joints timed', []);
			await form.submit('0 joints timed', []);
			expect([given.length, form.problems]).toEqual([1, {}]);
			expect(form.said).toContain(countedOnce);
			await vi.advanceTimersByTimeAsync(1000);
			await form.submit('0 joints timed', []);
			expect([given.length, form.problems]).toEqual([1, {}]);
			form.typed.units = '1';
			await form.submit('', []);
			expect(form.problems).toHaveProperty('minutes');
		});

		it('counts twice from 0.4 s on, whether the first was answered or not', async () => {
			const { given, outbox } = notingQueue();
			const form = new TypedForm('timed', filled, outbox);
			for (let at = 0; at < 33; at += 1) {
				await form.submit('9 joints timed', all);
				await vi.advanceTimersByTimeAsync(400);
			}
			expect(given).toHaveLength(33);
			expect(form.said).toBe('Saved: 9 joints timed.');
			const hanging = {
				...outbox,
				readBy: outbox.readBy,
				add: () => (given.push({ type: 'timed', typed: {}, words: '' }), new Promise(() => {}))
			} as unknown as Outbox;
			const slow = new TypedForm('timed', filled, hanging);
			void slow.submit('9 joints timed', all);
			await vi.advanceTimersByTimeAsync(400);
			void slow.submit('9 joints timed', all);
			expect(given).toHaveLength(35);
		});

		it('is sent again at once where the first did not count', async () => {
			const { outbox } = notingQueue({ outcome: 'lost' });
			const form = new TypedForm('timed', filled, outbox);
			await form.submit('9 joints timed', all);
			await form.submit('9 joints timed', all);
			expect(form.said).not.toContain(countedOnce);
		});
	});

	it('keeps what is typed and says what is wrong at the field', async () => {
		const { given, outbox } = notingQueue();
		const form = new TypedForm('timed', start, outbox);
		form.typed.units = 'many';
		await form.submit('x', []);
		expect(given).toEqual([]);
		expect(form.typed.units).toBe('many');
		expect(form.problems).toEqual({
			units: '“many” is not a whole number.',
			minutes: 'Please fill this in.'
		});
		expect(form.said).toBe('');
	});

	it('says so where the entry waits on the device', async () => {
		const { outbox } = notingQueue({ outcome: 'waits' });
		const form = new TypedForm('timed', { ...start, units: '9', minutes: '9' }, outbox);
		await form.submit('9 joints timed', []);
		expect(form.said).toBe('Waiting on this device: 9 joints timed.');
	});

	it('stands in its fields again where the server would not have it', async () => {
		const problems = { units: 'Not so many.' };
		const { dropped, outbox } = notingQueue({ outcome: 'refused', key: 'k', problems });
		const form = new TypedForm('timed', { ...start, units: '9', minutes: '9' }, outbox);
		form.typed.units = '900';
		await form.submit('900 joints timed', []);
		expect([form.typed.units, form.problems, form.said]).toEqual(['900', problems, '']);
		expect(dropped).toEqual(['k']);
	});

	it('sends it again where it was refused for a day that nobody typed, and the hall’s day has come since', async () => {
		const { given, outbox } = notingQueue();
		const form = new TypedForm('timed', start, outbox);
		Object.assign(form.typed, { units: '240', minutes: '52' });
		const { add } = outbox;
		outbox.add = async (...asked: Parameters<Outbox['add']>): Promise<Sent> => {
			await add(...asked);
			if (given.length > 1) return { outcome: 'kept' };
			form.startWith('worked_on', '2026-11-23');
			return {
				outcome: 'refused',
				key: 'k',
				problems: { worked_on: 'That day is in the future.' }
			};
		};
		expect(await form.submit('240 joints timed', [])).toBe(true);
		expect(given.map(({ typed }) => (typed as typeof start).worked_on)).toEqual([
			'2026-11-24',
			'2026-11-23'
		]);
		expect(form.problems).toEqual({});
		expect(form.typed).toEqual({ ...start, worked_on: '2026-11-23' });
	});

	it('leaves it on the shelf where the next entry is being typed already', async () => {
		const { dropped, outbox } = notingQueue({
			outcome: 'refused',
			key: 'k',
			problems: { units: 'No.' }
		});
		const form = new TypedForm('timed', start, outbox);
		Object.assign(form.typed, { units: '900', minutes: '9' });
		const sending = form.submit('900 joints timed', []);
		form.typed.units = '5';
		await sending;
		expect([form.typed.units, form.problems, form.said]).toEqual(['5', {}, '']);
		expect(dropped).toEqual([]);
	});

	it('takes up what was not kept before, and lets go of it once it is put right', async () => {
		const { given, dropped, outbox } = notingQueue();
		const form = new TypedForm('timed', start, outbox);
		const typed = { units: '900', minutes: '9' };
		const problems = { units: 'Not so many.' };
		const entry = { key: 'k', group: 'harbour', typed, words: 'x', problems };
		mending.entry = { ...entry, type: 'movement' };
		form.mend();
		expect([form.typed, form.problems]).toEqual([start, {}]);
		mending.entry = { ...entry, type: 'timed' };
		form.mend();
		expect([form.typed, form.problems, mending.entry]).toEqual([
			{ ...start, ...typed },
			problems,
			null
		]);
		form.typed.units = 'x';
		await form.submit('x', []);
		expect(dropped).toEqual([]);
		form.typed.units = '90';
		await form.submit('90 joints timed', []);
		expect(dropped).toEqual(['k']);
		expect(given).toHaveLength(1);
		form.typed = { ...start, ...typed };
		await form.submit('900 joints timed', []);
		expect(dropped).toEqual(['k']);
	});

	it('comes back from the server as it was typed, if it was its own', () => {
		const { outbox } = notingQueue();
		const sent = { type: 'timed', typed: { units: 'x' }, problems: { units: 'No.' }, said: 'Oh.' };
		const own = new TypedForm('timed', start, outbox, sent);
		expect([own.typed.units, own.typed.people, own.problems, own.said]).toEqual([
			'x',
			'1',
			{ units: 'No.' },
			'Oh.'
		]);
		const other = new TypedForm('movement', start, outbox, sent);
		expect([other.typed.units, other.problems, other.said]).toEqual(['', {}, '']);
		expect(own.key).not.toBe(other.key);
		expect([own.scope, new TypedForm('timed', start, outbox, null, 'b').scope]).toEqual([
			'timed',
			'b'
		]);
	});
});
