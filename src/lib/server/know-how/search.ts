import { search as say } from '$lib/words/know-how';
import { Memo } from '$lib/server/db/cache';
import { faults } from '$lib/core/check/faults';
import type { FaultKind } from '$lib/core/check/faults';
import { techniqueKinds } from '$lib/core/techniques/technique';
import { faultWords } from '$lib/stages/check/check-words';
import { lessons, stepsOf } from '$lib/stages/know-how/lessons';
import { box, usualThings, type ActStep } from '$lib/stages/know-how/lessons/lesson';
import { glossaryOf } from '$lib/stages/know-how/glossary';
import { signsOf } from '$lib/stages/know-how/signs';
import { actNames, actTitles } from '$lib/stages/know-how/links/lesson-titles';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { capital } from '$lib/ui/number-words';
import MiniSearch from 'minisearch';

/** Something that is found: an act, a fault or a word. */
export interface Found {
	readonly sort: 'act' | 'fault' | 'word';
	readonly title: string;
	/** A line about it. */
	readonly about: string;
	/** Where it stands. */
	readonly href: string;
}

interface Told extends Found {
	readonly id: string;
	/** All that is said of it. */
	readonly text: string;
}

/** All a step says: what is done, and what goes wrong at it. */
const saidOf = ({ words, instead = [] }: ActStep): string[] => [
	words,
	...instead.flatMap((one) => [one.words, one.back])
];

function everything(terms: StitchTerms): Told[] {
	const own = {
		...usualThings,
		bagName: 'a bag',
		system: 'cm',
		terms,
		box
	} as const;
	return [
		...actNames.map((act): Told => ({
			id: say.act({ act }),
			sort: 'act',
			title: actTitles[act],
			about: lessons[act].when,
			href: `/know-how/${act}`,
			text: [act, ...(stepsOf(act, own, 'right') ?? []).flatMap(saidOf)].join(' ')
		})),
		...(Object.keys(faults) as FaultKind[]).map((fault): Told => ({
			id: say.fault({ fault }),
			sort: 'fault',
			title: capital(faultWords[fault].name),
			about: faultWords[fault].remedy[0] ?? '',
			href: `/know-how/faults?technique=${faults[fault].techniques[0]}&fault=${fault}`,
			text: faultWords[fault].remedy.join(' ')
		})),
		...techniqueKinds
			.flatMap((technique) => signsOf(technique).map((sign) => ({ technique, sign })))
			.filter(({ sign }, at, all) => all.findIndex((one) => one.sign.id === sign.id) === at)
			.map(({ technique, sign }): Told => ({
				id: say.sign({ id: sign.id }),
				sort: 'fault',
				title: sign.words,
				about: sign.question,
				href: `/know-how/faults?technique=${technique}&sign=${sign.id}`,
				text: sign.answers.map(({ words }) => words).join(' ')
			})),
		...glossaryOf(terms).map(({ word, means }): Told => ({
			id: say.word({ word }),
			sort: 'word',
			title: word,
			about: means,
			href: `/know-how/words#${wordId(word)}`,
			text: ''
		}))
	];
}

/** Where a word stands on its page. */
export const wordId = (word: string): string =>
	word
		.toLowerCase()
		.replace(/[^a-z]+/g, '-')
		.replace(/^-|-$/g, '');

const indexes = new Memo<{ search: MiniSearch<Told>; told: Map<string, Told> }>(2);

const indexOf = (terms: StitchTerms) => indexes.of(terms, () => makeIndex(terms));

function makeIndex(terms: StitchTerms) {
	const all = everything(terms);
	const search = new MiniSearch<Told>({
		fields: ['title', 'about', 'text'],
		searchOptions: {
			boost: { title: 4, about: 2 },
			prefix: true,
			fuzzy: 0.3,
			weights: { prefix: 0.5, fuzzy: 0.15 },
			combineWith: 'AND'
		}
	});
	search.addAll(all);
	return { search, told: new Map(all.map((one) => [one.id, one])) };
}

/** Acts, faults and words that speak of what is asked for, the nearest first; nothing for nothing. */
export function findKnowHow(asked: string, terms: StitchTerms, most = 20): Found[] {
	const words = asked.slice(0, 80).trim();
	if (words === '') return [];
	const { search, told } = indexOf(terms);
	return search
		.search(words)
		.slice(0, most)
		.flatMap(({ id }) => {
			const one = told.get(String(id));
			return one ? [{ sort: one.sort, title: one.title, about: one.about, href: one.href }] : [];
		});
}
