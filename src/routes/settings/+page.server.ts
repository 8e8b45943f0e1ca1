import { SettingsActs as say } from '$lib/words/house';
import { bounds } from '$lib/entries/bounds';
import { readName } from '$lib/ui/name';
import { nameProblemWords } from '$lib/stages/plan/words/problem-words';
import { isTimeZone } from '$lib/ui/days';
import { lookOf } from '$lib/ui/looks';
import { isLocale, papers } from '$lib/ui/reader';
import { awayMessage, orAway } from '$lib/server/db/away';
import { changeGroup, findGroup, guessHall, letTeensCutSharp } from '$lib/server/db/groups';
import { readForm } from '$lib/server/web/read-form';
import { rememberHere } from '$lib/server/web/remember-here';
import type { RequestEvent } from '@sveltejs/kit';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ cookies, locals }) => ({
	look: lookOf(cookies.get('look')),
	isCoordinator: locals.role === 'coordinator',
	/** What this device has chosen for itself; empty where it goes by the group. */
	own: Object.fromEntries(
		['lengths', 'terms', 'paper'].map((name) => [name, cookies.get(name) ?? ''])
	),
	/** The group's own choices, which every device without its own goes by. */
	choices: await orAway(findGroup(locals.db)),
	zones: Intl.supportedValuesOf('timeZone')
});

const said = <Word extends string>(words: readonly [Word, ...Word[]]) =>
	z.enum(words).nullable().catch(null);
// Only a path of ours: anything else goes to the list.
const back = z
	.string()
	.regex(/^\/(?![/\\])[\w\-/?=&.]*$/)
	.catch('/plans');

const ofDevice = z.object({
	lengths: said(['cm', 'ft', '']),
	terms: said(['us', 'uk', '']),
	paper: said([...papers, '']),
	look: said(['device', 'film', 'dusk', 'contrast']),
	back
});
const ofGroup = z.object({
	lengths: said(['cm', 'ft']),
	terms: said(['us', 'uk']),
	timeZone: z.string().max(64).refine(isTimeZone).nullable().catch(null),
	locale: z.string().max(35).refine(isLocale).nullable().catch(null),
	offlineDays: z.coerce
		.number()
		.int()
		.min(bounds['volunteer_group.offline_days'].atLeast)
		.max(bounds['volunteer_group.offline_days'].atMost)
		.nullable()
		.catch(null)
});
/** Where one was when one was asked what the group is called. */
const fromPage = z.object({ back });

/** What comes back of settings that were not kept. */
interface SettingsAnswer {
	readonly message?: string;
	readonly locale?: string;
	readonly problem?: string;
	readonly name?: string;
	readonly nameProblem?: string;
}
const refuse = (status: number, answer: SettingsAnswer) => fail(status, answer);

/** The group's name as it was typed, or the answer that says what is wrong of it. */
function readGroupName(typed: unknown) {
	const text = typeof typed === 'string' ? typed : '';
	const { name, problem } = readName(text);
	if (!problem) return { name };
	const nameProblem =
		problem.code === 'name-empty' ? say.typeANameForThe() : nameProblemWords(problem);
	return { refused: refuse(422, { name: text.slice(0, 200), nameProblem }) };
}

/** Remembers a choice on this device; an empty one goes by the group again. */
function remember(
	{ cookies, url }: Pick<RequestEvent, 'cookies' | 'url'>,
	name: string,
	value: string | null
): void {
	if (value === null) return;
	if (value === '') cookies.delete(name, { path: '/' });
	else rememberHere({ cookies, url }, name, value);
}

export const actions: Actions = {
	/** What this device likes: units, stitch names, paper and look. */
	words: async ({ request, cookies, url }) => {
		const asked = ofDevice.parse(Object.fromEntries(await readForm(request)));
		for (const name of ['lengths', 'terms', 'paper', 'look'] as const)
			remember({ cookies, url }, name, asked[name]);
		redirect(303, asked.back);
	},
	/** What the group likes, and where its hall is. */
	group: async ({ request, locals }) => {
		const typed = Object.fromEntries(await readForm(request));
		const { lengths, terms, timeZone, locale, offlineDays } = ofGroup.parse(typed);
		const name = 'name' in typed ? readGroupName(typed.name) : null;
		if (name?.refused) return name.refused;
		const text = (field: string) => (typeof typed[field] === 'string' ? typed[field] : '');
		if (text('locale') !== '' && locale === null)
			return refuse(422, {
				locale: text('locale').slice(0, 40),
				problem: say.writeItAsPtPt()
			});
		const changed = await orAway(
			changeGroup(locals.db, {
				name: name?.name ?? null,
				lengthSystem: lengths,
				stitchTerms: terms,
				timeZone,
				locale,
				offlineDays
			}).then(async (count) => {
				if ('asks_teens' in typed) await letTeensCutSharp(locals.db, typed.teens === 'yes');
				return count;
			})
		);
		if (changed === null) return refuse(503, { message: awayMessage });
		redirect(303, '/settings');
	},
	/** What the group is called and how it measures, asked at the first visit; or it is put off on this device. */
	name: async ({ request, locals, cookies, url }) => {
		const typed = Object.fromEntries(await readForm(request));
		const { back: page } = fromPage.parse(typed);
		const { lengths, terms } = ofGroup.parse(typed);
		if (typed.later !== undefined) {
			rememberHere({ cookies, url }, 'naming', 'later');
			redirect(303, page);
		}
		const read = readGroupName(typed.name);
		if (read.refused) return read.refused;
		const changed = await orAway(
			changeGroup(locals.db, {
				name: read.name,
				lengthSystem: lengths,
				stitchTerms: terms,
				timeZone: null,
				locale: null
			})
		);
		if (changed === null) return refuse(503, { message: awayMessage });
		redirect(303, page);
	},
	/** A device says where the hall is, while nobody has. */
	hall: async ({ request, locals }) => {
		const { timeZone, locale } = ofGroup.parse(Object.fromEntries(await readForm(request)));
		if (timeZone === null || locale === null) return refuse(422, {});
		await orAway(guessHall(locals.db, timeZone, locale));
	}
};
