import { stagesOfFilm as say } from '$lib/words/today';
import type { Db } from '$lib/server/db/db';
import type { MatLine } from '$lib/stages/making/mat-view';
import type { FilmPiece, StripPart } from '$lib/stages/today/today-view';
import type { BagsGiven } from '$lib/server/making/given-bags';
import { bagsGiven } from '$lib/server/making/given-bags';
import type { SeasonRead } from '$lib/server/season/season-now';
import type { StoreFilm, StoreForm } from '$lib/server/season/film-in-store';

const filmOf = (film: readonly StoreFilm[], of: StoreForm) =>
	film.filter(({ form }) => form === of);

/** Film of some mats being made by colour: what is made of each, or what was given for it where that is more. */
function inHandOf(
	mats: readonly MatLine[],
	given: ReadonlyMap<string, BagsGiven>,
	bagsPerMat: number
): FilmPiece[] {
	const byColour = new Map<FilmPiece['colour'], number>();
	for (const { code, look, rows, share } of mats) {
		const whole = look && rows ? look.rowM * rows.total * look.bagsPerM : bagsPerMat;
		const bags = Math.max(given.get(code)?.bags ?? 0, share * whole);
		const stripes = look?.stripes ?? [];
		const all = stripes.reduce((sum, stripe) => sum + stripe.rows, 0);
		if (all === 0) byColour.set(null, (byColour.get(null) ?? 0) + bags);
		for (const { colour, rows } of all > 0 ? stripes : [])
			byColour.set(colour, (byColour.get(colour) ?? 0) + (bags * rows) / all);
	}
	return [...byColour].map(([colour, bags]) => ({ colour, bags }));
}

/** Where all the film is: bags, flat, pieces and strand, balls, mats being made, to check, ready, handed over. */
export async function stripOfToday(
	db: Db,
	{ basis, mats, checks, film }: Pick<SeasonRead, 'basis' | 'mats' | 'checks' | 'film'>
): Promise<StripPart[]> {
	const { bags: bagsPerMat } = basis.newMat;
	const [given, gone] = await Promise.all([
		bagsGiven(
			db,
			mats.map(({ code }) => code)
		),
		db.one<{ mats: number }>(
			`select count(*)::integer as mats from thing_state
			 where group_id = $1 and sort = 'mat' and what in ('delivered', 'received')`,
			[db.groupId]
		)
	]);
	const part = (
		name: string,
		count: number,
		unit: string,
		href: string,
		pieces: readonly FilmPiece[]
	): StripPart => ({
		name,
		count,
		unit,
		href,
		pieces: pieces.map(({ colour, bags }) => ({ colour, bags })),
		bags: pieces.reduce((sum, { bags }) => sum + bags, 0)
	});
	const pile = (name: string, form: StoreForm, unit: string, href: string) => {
		const own = filmOf(film, form);
		const count = own.reduce((sum, one) => sum + one.count, 0);
		return part(name, Math.round(count), unit, href, own);
	};
	const whole = (count: number) => [{ colour: null, bags: count * bagsPerMat }];
	const toCheck = checks.mats.length;
	return [
		pile(say.inSacks(), 'sacks', 'bags', '/gather/store'),
		pile('flat', 'flat', 'bags', '/prepare'),
		pile(say.inPieces(), 'pieces', 'pieces', '/prepare'),
		pile('wound', 'balls', 'balls', '/prepare/balls'),
		part(say.beingMade(), mats.length, 'mats', '/make', inHandOf(mats, given, bagsPerMat)),
		part(say.toCheck(), toCheck, 'mats', '/check', whole(toCheck)),
		part('ready', basis.ready, 'mats', '/hand-over', whole(basis.ready)),
		part(say.delivered(), gone.mats, 'mats', '/hand-over/account', whole(gone.mats))
	];
}
