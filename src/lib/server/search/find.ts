import type { Db } from '../db/db';
import { findKnowHow } from '../know-how/search';
import type { PageToFind } from '$lib/stages/search/pages-to-find';
import type { StitchTerms } from '$lib/ui/stitch-words';

/** What a search comes upon. */
export type FoundSort = 'plan' | 'person' | 'label' | 'place' | 'know-how' | 'page';
/** One of them: what it is called, what is said of it, and where it is. */
export interface FoundLine {
	readonly sort: FoundSort;
	readonly title: string;
	readonly about: string;
	readonly href: string;
}
/** No longer than this is looked for. */
export const longestAsked = 80;
const most = 8;

/** Text of which `%` and `_` are only themselves in a pattern. */
const plain = (text: string): string => text.replace(/[\\%_]/g, '\\$&');

/** The pages whose name or words hold each word asked for, those that begin with it first. */
function findPages(asked: string, pages: readonly PageToFind[]): FoundLine[] {
	const words = asked.toLowerCase().split(/\s+/);
	const heldBy = ({ title, about }: PageToFind) => `${title} ${about}`.toLowerCase();
	const isFirst = ({ title }: PageToFind) => title.toLowerCase().startsWith(words[0] ?? '');
	return pages
		.filter((page) => words.every((word) => heldBy(page).includes(word)))
		.toSorted((a, b) => Number(isFirst(b)) - Number(isFirst(a)))
		.slice(0, most)
		.map(({ href, title }) => ({ sort: 'page', title, about: '', href }));
}

const hrefs: Readonly<Record<'plan' | 'person' | 'label' | 'place', (id: string) => string>> = {
	plan: (id) => `/plan/${id}`,
	person: (id) => `/people?of=${id}#person`,
	label: (code) => `/prepare/things/${encodeURIComponent(code)}`,
	place: () => '/places'
};

/**
 * Plans, volunteers, labels, sources and receiving places, acts, faults and words, and pages that hold what is asked for.
 * Nothing for nothing.
 */
export async function findAnything(
	db: Db,
	typed: string,
	terms: StitchTerms,
	pages: readonly PageToFind[]
): Promise<FoundLine[]> {
	const asked = typed.slice(0, longestAsked).trim();
	if (asked === '') return [];
	const rows = await db.many<{
		sort: keyof typeof hrefs;
		id: string;
		title: string;
		about: string;
	}>(
		`(select 'plan' as sort, id::text, name as title, '' as about from plan
			where group_id = $1 and deleted_at is null and name ilike $2 order by updated_at desc limit $4)
		union all (select 'person', id::text, name, '' from person
			where group_id = $1 and forgotten_at is null and name ilike $2 order by name limit $4)
		union all (select 'label', code, code, sort from thing
			where group_id = $1 and code ilike $3 order by id desc limit $4)
		union all (select 'place', id::text, name, '' from place
			where group_id = $1 and same_as is null and name ilike $2 order by name limit $4)`,
		[db.groupId, `%${plain(asked)}%`, `${plain(asked)}%`, most]
	);
	return [
		...rows.map(({ sort, id, title, about }) => ({ sort, title, about, href: hrefs[sort](id) })),
		...findPages(asked, pages),
		...findKnowHow(asked, terms, 5).map(({ title, about, href }) => ({
			sort: 'know-how' as const,
			title,
			about,
			href
		}))
	];
}
