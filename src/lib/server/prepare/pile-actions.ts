import { pileActions as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import { defaults } from '$lib/core/defaults';
import { cutPile } from '$lib/core/prepare/cut-pile';
import { ballColour, ballMoves, cutMoves, flattenMoves, joinMoves } from '$lib/core/prepare/piles';
import type { Pile, PileKey, PileMove } from '$lib/core/prepare/piles';
import type { BallEntry } from '$lib/entries/types/ball';
import type { CutEntry } from '$lib/entries/types/cut';
import type { FlattenEntry } from '$lib/entries/types/flatten';
import type { JoinEntry } from '$lib/entries/types/join';
import type { BallContent } from '$lib/stages/prepare/balls';
import { notThereWords } from '$lib/stages/prepare/pile-words';
import { codeFor } from '$lib/server/book/codes';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import type { BookedMove, HeldPile } from '$lib/server/book/piles';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import { bindThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from '$lib/server/gather/ledger';
import { ballContent } from './ball-content';
import { askedCut } from './asked-cut';

/** What is taken of a pile, and the field that says how much. */
interface Taking {
	readonly key: PileKey;
	readonly amount: number;
	readonly field: string;
}

/** Moves that stay in the store. */
export const inStore = (moves: readonly PileMove[]): BookedMove[] =>
	moves.map((move) => ({ ...move, at: 'store', matId: null }));

/** An act on piles of the store: what is taken must be there, and what it moves is booked. */
export const actOn = (
	db: Db,
	entryId: number,
	takings: readonly Taking[],
	/** The piles that it puts something on: held with the others, all in one order. */
	goals: readonly PileKey[],
	moved: (piles: readonly HeldPile[]) => readonly PileMove[],
	then: (db: Db, moves: readonly PileMove[]) => Promise<SaveResult> = () =>
		Promise.resolve({ outcome: 'kept', id: entryId })
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const piles = await holdPiles(db, [...takings.map(({ key }) => key), ...goals]);
			for (const [at, { key, amount, field }] of takings.entries()) {
				const there = piles[at]?.amount ?? 0;
				if (amount > there) return refuse(field, notThereWords(key, amount, there));
			}
			const moves = moved(piles);
			await bookMoves(db, entryId, inStore(moves), piles);
			return then(db, moves);
		})
	);

const first = (piles: readonly HeldPile[]): Pile => {
	const [pile] = piles;
	if (!pile) throw new Error('an act on no pile');
	return pile;
};

/** Lays bags of a pile flat. */
export const keepFlatten = (
	db: Db,
	{ kindId, colour, bags }: FlattenEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	actOn(
		db,
		entryId,
		[{ key: { kindId, colour, form: 'bag', cut: null }, amount: bags, field: 'bags' }],
		[{ kindId, colour, form: 'flat', cut: null }],
		(piles) => flattenMoves(first(piles), bags)
	);

/** So much of a cut is spoiled on no usual day, of all its pieces. */
const mostSpoiled = 0.5;

/** Cuts flat bags as a version of a plan has it. */
export async function keepCut(
	db: Db,
	{ kindId, colour, bags, planId, planVersion, use, spoiledShare }: CutEntry,
	{ entryId, isSure }: Booked
): Promise<SaveResult> {
	const asked = await askedCut(db, { kindId, planId, planVersion, use });
	if (asked.problem !== undefined) return refuse(asked.field, asked.problem);
	const { given, massG, cut } = asked;
	const far =
		spoiledShare > mostSpoiled
			? askFarOff({ isSure }, [
					{ what: say.spoiled(), value: spoiledShare, expected: defaults.spoiledShare.value }
				])
			: null;
	if (far) return far;
	return actOn(
		db,
		entryId,
		[{ key: { kindId, colour, form: 'flat', cut: null }, amount: bags, field: 'bags' }],
		[
			{ kindId, colour, form: 'piece', cut },
			{ kindId, colour, form: 'scrap', cut: null }
		],
		(piles) =>
			cutMoves(first(piles), bags, cut, (filmMg) =>
				cutPile(given, massG, bags, filmMg, spoiledShare)
			)
	);
}

/** Joins pieces into a strand. */
export const keepJoin = (
	db: Db,
	{ kindId, colour, cut, pieces }: JoinEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	actOn(
		db,
		entryId,
		[{ key: { kindId, colour, form: 'piece', cut }, amount: pieces, field: 'pieces' }],
		[{ kindId, colour, form: 'strand', cut }],
		(piles) => joinMoves(first(piles), pieces)
	);

/** The field of the nth colour of a ball. */
const bagsField = (nth: number) => (nth === 0 ? 'bags' : `bags_${nth + 1}`);

/** Gives a ball that was wound its label: the one it was given, or the next code there is. */
export async function bindBall(
	db: Db,
	{ as, code: given, planId, planVersion }: BallEntry,
	content: Omit<BallContent, 'filmMg'>,
	{ entryId, key }: Booked,
	moves: readonly PileMove[]
): Promise<SaveResult> {
	const code = given ?? (await codeFor(db, key));
	if (!code) return refuse('code', say.thisGroupHasUsedAll());
	const plan =
		planId === null || planVersion === null ? null : { id: planId, version: planVersion };
	const filmMg = moves.at(-1)?.filmMg ?? 0;
	return bindThing(db, entryId, {
		code,
		sort: as,
		plan,
		content: { ...content, filmMg }
	});
}

/** Winds a ball of some strands, and gives it its label: the one it was given, or the next code there is. */
export async function keepBall(db: Db, entry: BallEntry, booked: Booked): Promise<SaveResult> {
	const { entryId, at } = booked;
	const { kindId, cut, colours, as } = entry;
	if (new Set(colours.map(({ colour }) => colour)).size < colours.length)
		return refuse('bags', say.aColourStandsHereTwice());
	const content = await ballContent(db, entry, at);
	if (content.problem !== undefined) return refuse(content.field, content.problem);
	const far = askFarOff(booked, [
		{ what: say.weight(), value: entry.massG, expected: content.value.pieces * cut.pieceG }
	]);
	if (far) return far;
	const takings = colours.map(({ colour, bags }, nth): Taking => ({
		key: { kindId, colour, form: 'strand', cut },
		amount: bags * cut.piecesPerBag,
		field: bagsField(nth)
	}));
	return actOn(
		db,
		entryId,
		takings,
		[{ kindId, colour: ballColour(colours.map(({ colour }) => colour)), form: as, cut }],
		(piles) =>
			ballMoves(
				piles
					.slice(0, takings.length)
					.map((pile, nth) => ({ pile, pieces: takings[nth]?.amount ?? 0 })),
				as
			),
		(db, moves) => bindBall(db, entry, content.value, booked, moves)
	);
}
