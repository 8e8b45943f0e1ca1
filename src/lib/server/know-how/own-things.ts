import { ownThings as say } from '$lib/words/know-how';
import type { Db } from '$lib/server/db/db';
import { measureBag, type Bag } from '$lib/core/bag/measure-bag';
import type { Loom, NailFrame } from '$lib/core/tools/tools';
import { listKinds } from '$lib/server/gather/kinds';
import { documentsOf, listNewestPlans } from '$lib/server/plan/plans';
import { listTools } from '$lib/server/prepare/tools';
import { usualThings, type OwnThings } from '$lib/stages/know-how/lessons/lesson';
import { planOfShape } from '$lib/stages/plan/document/document';

/** What is a group's own in an act: its bag, how its plan cuts it, its hook, its loom, its frame. */
export type GroupThings = Omit<OwnThings, 'system' | 'terms' | 'box'>;

/** Plans that are looked through for the group's cut and its hook: the newest of them count. */
const plansLookedAt = 8;

/** The thinnest of a group's bags that have handles and side folds; none where none has both. */
const thinCarrier = <Kind extends Bag>(kinds: readonly Kind[]): Kind | undefined =>
	kinds
		.filter(({ handleMm, gussetMm }) => handleMm > 0 && gussetMm > 0)
		.toSorted(
			(one, other) => measureBag(one).filmThicknessMm - measureBag(other).filmThicknessMm
		)[0];

/** What acts can be drawn with, in the order it is tried: the group's thin carrier or else its first kind of bag, then the usual one. */
export async function ownThings(db: Db): Promise<readonly GroupThings[]> {
	const [kinds, tools, lines] = await Promise.all([
		listKinds(db),
		listTools(db),
		listNewestPlans(db, plansLookedAt)
	]);
	// A thin carrier shows each act best: two gussets, two handles, film that gives.
	const kind = thinCarrier(kinds) ?? kinds[0];
	const documents = await documentsOf(
		db,
		lines.map(({ id }) => id)
	);
	const plans = lines.flatMap(({ id }) => {
		const found = documents.find((one) => one.id === id);
		return found ? [planOfShape(found.document.plan)] : [];
	});
	const crocheted = plans.flatMap(({ technique }) =>
		technique.kind === 'crochet' ? [technique] : []
	);
	const of = <Sort extends 'loom' | 'frame'>(sort: Sort) =>
		tools.map(({ tool }) => tool).find((tool) => tool.sort === sort) ?? null;
	const things = {
		cut: plans[0]?.cut ?? null,
		hookMm: crocheted[0]?.hookMm ?? null,
		bagsABall: plans[0]?.work?.bagsPerBall ?? usualThings.bagsABall,
		stitch: crocheted[0]?.stitch ?? usualThings.stitch,
		loom: of('loom') as Loom | null,
		frame: of('frame') as NailFrame | null
	};
	const usual = { bag: usualThings.bag, bagName: say.aThinCarrier(), ...things };
	return kind ? [{ bag: kind, bagName: say.your({ name: kind.name }), ...things }, usual] : [usual];
}
