import { bar } from '$lib/routes/bar';
import { routes } from '$lib/routes/table.mjs';
import { messageNamed } from '$lib/words/message-named';
import { searchWords } from '$lib/words/house';
import type { PageToFind } from '$lib/server/search/find';

/** What is done on a page, in the words somebody may look for it by, named as the page's address. */
const doneThere = (href: string): string => {
	const name = href.slice(1).replace(/[/-](.)/g, (_, letter: string) => letter.toUpperCase());
	return name in searchWords ? messageNamed(searchWords, name) : '';
};

const all = Object.entries(routes).flatMap(([href, { isDoor }]) => {
	const title = bar.titles[href];
	return title === undefined || href.includes('[') || href === '/search'
		? []
		: [{ href, title, about: doneThere(href), isDoor: isDoor === true }];
});

/** The pages there are to be found; those of people who sign in only where people do. */
export const pagesToFind = (isSignedIn: boolean): readonly PageToFind[] =>
	all.filter(({ isDoor }) => isSignedIn || !isDoor);
