import { bar } from '$lib/routes/bar';
import { routes } from '$lib/routes/table.mjs';
import { searchWords as say } from '$lib/words/house';

/** A page as it is looked for: by its name, and by words for what is done there. */
export interface PageToFind {
	readonly href: string;
	readonly title: string;
	readonly about: string;
}

/** What is done on a page, in the words somebody may look for it by. */
const doneThere: Readonly<Record<string, string>> = {
	'/plan': say.plan(),
	'/plans': say.plans(),
	'/gather': say.gather(),
	'/gather/sort': say.gatherSort(),
	'/gather/store': say.gatherStore(),
	'/gather/asks': say.gatherAsks(),
	'/gather/kinds': say.gatherKinds(),
	'/gather/lists': say.gatherLists(),
	'/prepare': say.prepare(),
	'/prepare/balls': say.prepareBalls(),
	'/prepare/days': say.prepareDays(),
	'/prepare/tools': say.prepareTools(),
	'/people': say.people(),
	'/places': say.places(),
	'/make': say.make(),
	'/check': say.check(),
	'/hand-over': say.handOver(),
	'/hand-over/asks': say.handOverAsks(),
	'/hand-over/pillows': say.handOverPillows(),
	'/hand-over/account': say.handOverAccount(),
	'/season': say.season(),
	'/season/kept': say.seasonKept(),
	'/season/words': say.seasonWords(),
	'/measures': say.measures(),
	'/backup': say.backup(),
	'/entry': say.entry(),
	'/reach': say.reach(),
	'/more': say.more(),
	'/settings': say.settings(),
	'/links': say.links(),
	'/removed': say.removed(),
	'/trail': say.trail(),
	'/members': say.members()
};

const all = Object.entries(routes).flatMap(([href, { isDoor }]) => {
	const title = bar.titles[href];
	return title === undefined || href.includes('[') || href === '/search'
		? []
		: [{ href, title, about: doneThere[href] ?? '', isDoor: isDoor === true }];
});

/** The pages there are to be found; those of people who sign in only where people do. */
export const pagesToFind = (isSignedIn: boolean): readonly PageToFind[] =>
	all.filter(({ isDoor }) => isSignedIn || !isDoor);
