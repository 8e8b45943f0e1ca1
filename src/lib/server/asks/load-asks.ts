import type { Db } from '$lib/server/db/db';
import { bagsToAsk } from '$lib/stages/gather/ask-words';
import { rejectRate } from '$lib/core/gather/reject-rate';
import { listDrying } from '$lib/server/gather/drying';
import type { KindLine } from '$lib/server/gather/kinds';
import { listBegunMats } from '$lib/server/gather/begun-mats';
import { listBallStock, listPiles } from '$lib/server/prepare/piles';
import { listPlaces } from '$lib/server/gather/places';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { listWantedPlans } from '$lib/server/gather/wanted';
import { broughtByKind, sourceFor } from './sources';
import type { HallDay } from '$lib/ui/reader';
import { readNeed } from '$lib/server/need/need';
import { seasonAsks } from './season-asks';
import { stockOf } from './stock';

/**
 * What the season still asks for, of one place or of all. A place's own share of rejected bags
 * stands for it; the group's for all.
 */
export async function loadAsks(
	db: Db,
	placeId: string | null,
	askedKinds: Promise<KindLine[]>,
	hall: HallDay
) {
	const [wanted, begun, kinds, piles, balls, practice, places, heaps, need, brought] =
		await Promise.all([
			listWantedPlans(db),
			listBegunMats(db),
			askedKinds,
			listPiles(db),
			listBallStock(db),
			practiceOfGroup(db),
			listPlaces(db),
			listDrying(db),
			readNeed(db, hall),
			broughtByKind(db, hall)
		]);
	const {
		plans,
		lacks,
		balls: toWind
	} = seasonAsks(wanted, begun, kinds, stockOf(piles, balls, kinds), practice, need);
	const place = places.find(({ id }) => id === placeId) ?? null;
	const soFar = {
		sorted: places.reduce((sum, { sorted }) => sum + sorted, 0),
		rejected: places.reduce((sum, { rejected }) => sum + rejected, 0)
	};
	const rejectedShare = place ? rejectRate(place) : practice.rejectedShare;
	return {
		plans,
		places,
		place,
		rejectedShare,
		/** What sorting has shown so far, of the place or of all: expected and counted are told apart. */
		soFar: place ?? soFar,
		basis: practice.basis,
		/** What hangs to dry may be good for strand, and is not counted yet. */
		drying: heaps.filter(({ endedAt }) => !endedAt),
		need,
		/** Balls to wind for mats that are to be begun. */
		toWind,
		asks: lacks.map((lack) => ({
			...lack,
			toAsk: bagsToAsk(lack.bags, rejectedShare),
			toAskBy: lack.by === null ? 0 : bagsToAsk(lack.bagsBy, rejectedShare),
			source: sourceFor(lack, brought)
		}))
	};
}
