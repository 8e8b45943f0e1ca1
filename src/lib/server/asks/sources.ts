import type { Lack } from '$lib/core/store/allocate-store';
import type { Db } from '$lib/server/db/db';
import type { HallDay } from '$lib/ui/reader';

/** Bags of a kind and colour that a source brought of late and that were good for yarn. */
export interface Brought {
	readonly placeId: string;
	readonly place: string;
	readonly kind: string | null;
	readonly colour: string | null;
	readonly bags: number;
}

/** Weeks that are looked back on. */
const weeksBack = 16;

/** What each source brought of each kind and colour of late, the most first. */
export const broughtByKind = (db: Db, { today, timeZone }: HallDay): Promise<Brought[]> =>
	db.many<Brought>(
		`select p.known_id as "placeId", p.name as place, k.name as kind, s.colour,
			sum(s.strand)::double precision as bags
		 from standing_sorting s join entry e on e.group_id = s.group_id and e.id = s.entry_id
		 join place_known p on p.group_id = s.group_id and p.id = s.place_id
		 left join bag_kind k on k.group_id = s.group_id and k.id = s.kind_id
		 where s.group_id = $1 and s.strand > 0 and (e.typed_at at time zone $3)::date >= $2::date - 7 * $4::integer
		 group by 1, 2, 3, 4 order by bags desc, p.name limit 400`,
		[db.groupId, today, timeZone, weeksBack]
	);

/** The source to ask for what is lacking: whoever brought most of the kind in the colour, else of the kind; null where none did. */
export function sourceFor(
	{ kind, colour }: Pick<Lack, 'kind' | 'colour'>,
	brought: readonly Brought[]
): { readonly id: string; readonly name: string } | null {
	const mostOf = (lines: readonly Brought[]) => {
		const sums = new Map<string, { id: string; name: string; bags: number }>();
		for (const { placeId, place, bags } of lines) {
			const sum = sums.get(placeId) ?? { id: placeId, name: place, bags: 0 };
			sums.set(placeId, { ...sum, bags: sum.bags + bags });
		}
		return [...sums.values()].toSorted((one, other) => other.bags - one.bags)[0];
	};
	const ofKind = brought.filter((one) => one.kind === kind);
	const most =
		mostOf(ofKind.filter((one) => colour === 'any' || one.colour === colour)) ?? mostOf(ofKind);
	return most ? { id: most.id, name: most.name } : null;
}
