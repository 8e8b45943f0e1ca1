import * as routesWords from '$lib/words/routes';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { parse, stringify } from 'devalue';
import { portionOf } from './send-entries';
import { sendForm } from './send-form';
import type { Waiting } from './waiting';
import { wordsOfForm } from '../routes/waiting-words';
import { formType, typedForm } from './waiting-form';

/** As the framework does once a page has begun. */
vi.mock('$app/forms', () => ({
	deserialize: (text: string) => {
		const result = JSON.parse(text) as { data?: string };
		return { ...result, data: result.data === undefined ? undefined : parse(result.data) };
	}
}));

const at = (address: string) => new URL(address, 'http://127.0.0.1:4173');
const entry = (key: string, type: string): Waiting => ({
	key,
	group: 'harbour',
	type,
	typed: {},
	words: key
});

describe('forms that wait', () => {
	it.each([
		['/prepare/days?/add', 'a table day'],
		['/prepare/days?/add&group=8e1f', 'a table day'],
		['/prepare/days/0b0c0d0e-0000-4000-8000-00000000000a?/seats', routesWords.waiting.seats()],
		['/gather/sort?/there', routesWords.waiting.aPileThatIsStillThere()],
		// These answer with what is shown once, or are entries already.
		['/make/22222?/link', null],
		['/make/22222?/keep', null],
		['/prepare/days?/constructor', null],
		['/prepare/days', null],
		['/account?/out', null]
	])('%s: %s', (address, words) => expect(wordsOfForm(at(address))).toBe(words));

	it('go alone, in their turn', () => {
		const waiting = [entry('a', 'row'), entry('b', 'row'), entry('c', formType), entry('d', 'row')];
		const keys = (from: number) => portionOf(waiting.slice(from)).map(({ key }) => key);
		expect([keys(0), keys(2), keys(3)]).toEqual([['a', 'b'], ['c'], ['d']]);
	});
});

describe('a form that waited', () => {
	afterEach(() => vi.unstubAllGlobals());
	const answered = async (answer: () => Response) => {
		const asked = vi.fn((_to: string, _how: RequestInit) => Promise.resolve(answer()));
		vi.stubGlobal('fetch', asked);
		const typed = typedForm(at('/prepare/days?/add'), 'day=2099-11-05&place=Boat+shed');
		const went = await sendForm({ ...entry('a', formType), typed });
		expect(asked.mock.calls[0]?.[0]).toBe('/prepare/days?/add');
		expect(asked.mock.calls[0]?.[1].body).toBe('day=2099-11-05&place=Boat+shed');
		return went;
	};
	const failure = (status: number, data: unknown) => () =>
		Response.json({ type: 'failure', status, data: stringify(data) });

	it('is kept where its page would have gone on', async () => {
		const on = () => Response.json({ type: 'redirect', status: 303, location: '/prepare/days' });
		expect(await answered(on)).toEqual({ outcome: 'kept' });
	});
	it('is refused with the sentences of its fields', async () => {
		const data = {
			added: { typed: { place: 'No.' }, problems: { place: 'Please fill this in.' } }
		};
		expect(await answered(failure(422, data))).toEqual({
			outcome: 'refused',
			problems: { form: 'Please fill this in.' }
		});
		expect(await answered(failure(409, { message: 'Changed meanwhile.' }))).toEqual({
			outcome: 'refused',
			problems: { form: 'Changed meanwhile.' }
		});
	});
	it.each([
		['the database is away', 'server', failure(503, { message: 'Away.' })],
		[
			'nobody is signed in',
			'signed-out',
			() => Response.json({ type: 'error', status: 401, error: {} })
		],
		[
			'somebody else is signed in',
			'account',
			() => Response.json({ type: 'error', status: 421, error: {} })
		],
		[
			'what answers is no page of ours',
			'server',
			() => new Response('<html>sign in to this network</html>')
		]
	])('waits on while %s, and says so', async (_, why, answer) =>
		expect(await answered(answer)).toEqual({ outcome: 'waits', why })
	);
	it('that whoever typed it may not do is refused, and holds up nothing behind it', async () => {
		const error = { message: 'Only coordinators can do this.' };
		const no = () => Response.json({ type: 'error', status: 403, error });
		expect(await answered(no)).toEqual({
			outcome: 'refused',
			problems: { form: error.message }
		});
	});
});
