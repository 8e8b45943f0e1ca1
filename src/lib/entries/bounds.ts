import type { Bound } from '../core/domain-error';
import { planLimits } from '../core/model/limits';
import { longestName } from '../ui/name';

/** Bags of a pile, or mats of a season: more is a slip of the hand. */
const many = { atLeast: 0, atMost: 100_000 } as const;

/**
 * What a field may hold, by the column it is kept in. Written here once: the page and the server read
 * by it, and a test compares it with the checks of the database.
 */
export const bounds = {
	'drop_off.bags': { atLeast: 0, atMost: 1_000_000 },
	'drop_off.sacks': { atLeast: 0, atMost: 1000 },
	'sorting.strand': many,
	'sorting.stuffing': many,
	'sorting.drying': many,
	'sorting.rejected': many,
	'tool.count': { atLeast: 1, atMost: 500 },
	'timed_work.units': { atLeast: 1, atMost: 1_000_000 },
	'timed_work.people': { atLeast: 1, atMost: 200 },
	'timed_work.minutes': { moreThan: 0, atMost: 10_000 },
	'bag_kind.flat_width_mm': planLimits['bag.flat_width_mm'],
	'bag_kind.gusset_mm': planLimits['bag.gusset_mm'],
	'bag_kind.body_mm': planLimits['bag.body_mm'],
	'bag_kind.handle_mm': planLimits['bag.handle_mm'],
	'bag_kind.mass_g': planLimits['bag.mass_g'],
	'bag_kind.handful_count': { atLeast: 1, atMost: 1000 },
	'volunteer_group.offline_days': { atLeast: 1, atMost: 60 },
	'table_day.balls_wanted': { atLeast: 1, atMost: 10_000 },
	'table_day.strands_wanted': { atLeast: 0, atMost: 400 },
	'table_day.finishes_wanted': { atLeast: 0, atMost: 100 },
	'table_day.checks_wanted': { atLeast: 0, atMost: 100 },
	'table_day.pillows_wanted': { atLeast: 0, atMost: 100 },
	'table_day.pause_minutes': { atLeast: 1, atMost: 60 },
	'rhythm.balls_wanted': { atLeast: 1, atMost: 10_000 },
	'rhythm.pause_minutes': { atLeast: 1, atMost: 60 },
	'plan.mats_wanted': { atLeast: 0, atMost: 1000 },
	'mat_ask.mats': { atLeast: 1, atMost: 1000 },
	'mat_promise.mats': { atLeast: 0, atMost: 1000 },
	'place.least_length_mm': { atLeast: 300, atMost: 4000 },
	'place.least_width_mm': { atLeast: 200, atMost: 3000 },
	'place.most_length_mm': { atLeast: 300, atMost: 4000 },
	'place.most_width_mm': { atLeast: 200, atMost: 3000 },
	'practised.seed': { atLeast: 0, atMost: 1_000_000_000 }
} as const satisfies Record<string, Bound>;

/** What one act at the table may be: more than a table does in a day is a slip of the hand. */
export const actBounds = {
	bags: { atLeast: 1, atMost: 2000 },
	pieces: { atLeast: 1, atMost: 20_000 },
	ballBags: { atLeast: 1, atMost: 200 },
	strands: { atLeast: 1, atMost: 400 },
	pillowBags: { atLeast: 0, atMost: 500 },
	spoiled: { atLeast: 0, atMost: 90 },
	matRow: { atLeast: 1, atMost: 20_000 },
	planVersion: { atLeast: 1, atMost: 1_000_000_000 }
} as const satisfies Record<string, Bound>;

/** How long a text may be, in characters, by the column it is kept in. */
export const longest = {
	'volunteer_group.name': 120,
	'plan.name': longestName,
	'place.name': 120,
	'bag_kind.name': 80,
	'person.name': 120,
	'person.likes': 200,
	'person.contact': 120,
	'table_day.place': 120,
	'table_day.also': 200,
	'rhythm.place': 120,
	'tool.name': 80,
	'sheet_printer.name': 60,
	'entry.note': 400,
	'message.words': 2000,
	'delivery.note': 400,
	'delivery.gathering': 200,
	'mat_ask.note': 400,
	'place.hours': 200,
	'place.stairs': 200,
	'place.own_rules': 400,
	'list_import.file_name': 200
} as const;

/** Pieces, and grams of scrap, that one movement may be; the ledger holds the larger of the two either way. */
export const movedAtOnce = {
	pieces: { atLeast: 1, atMost: 1_000_000 },
	scrapG: { moreThan: 0, atMost: 10_000_000 }
} as const satisfies Record<string, Bound>;
