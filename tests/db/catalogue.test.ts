import { houseNotes } from '../../src/lib/server/web/machine';
import { house } from '../../src/lib/server/db/db';
import { countedOn } from '../../src/lib/stages/season/season-view';
import { cutsWith } from '../../src/lib/stages/table-day/day-view';
import type { Bag } from '../../src/lib/core/bag/measure-bag';
import { bagPresets } from '../../src/lib/core/bag/presets';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { ensureAppRole } from '../../scripts/lib/app-role.mjs';
import { newGroup } from './samples';
import { beforeAll, describe, expect, it } from 'vitest';
import { exerciseKinds } from '../../src/lib/core/know-how/exercises';
import { colourNames } from '../../src/lib/core/colour/colours';
import { subjects } from '../../src/lib/core/photo/measured';
import type { Bound } from '../../src/lib/core/domain-error';
import { tasks } from '../../src/lib/core/effort/tasks';
import {
	holders,
	ledgerReasons,
	lineForms,
	thingEvents,
	thingSorts
} from '../../src/lib/core/store/forms';
import { lengthSystems } from '../../src/lib/core/units/format-length';
import { bounds, longest, movedAtOnce } from '../../src/lib/entries/bounds';
import { countMethods } from '../../src/lib/entries/types/drop-off';
import { measures } from '../../src/lib/entries/types/measurement';
import { lineStations } from '../../src/lib/core/assembly-line/assembly-line';
import { roles } from '../../src/lib/server/base/roles';
import { grants } from '../../src/lib/server/book/links';
import { knownRows } from '../../src/lib/stages/gather/lists/still-asked';
import { listNames } from '../../src/lib/stages/gather/lists/columns';
import { dayOrders } from '../../src/lib/stages/gather/lists/days';
import { stitchTerms } from '../../src/lib/ui/stitch-words';
import { levels, needs, seatNames, seatStations } from '../../src/lib/stages/people/seats';
import { toolSorts } from '../../src/lib/core/tools/tools';
import { bagSources } from '../../src/lib/core/hand-over/kept';
import { checkResults } from '../../src/lib/entries/types/check';
import { sides } from '../../src/lib/entries/types/row';
import { useDatabase, wholeTables } from './database';

useDatabase();

/** The check of each column that has one, as the catalogue writes it. */
let checks = new Map<string, string>();
beforeAll(async () => {
	await ensureAppRole(process.env.DATABASE_URL ?? '');
	const rows = await house.many<{ column: string; check: string }>(
		`select c.conrelid::regclass || '.' || a.attname as column, pg_get_constraintdef(c.oid) as check
		 from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and c.conkey = array[a.attnum]
		 where c.contype = 'c' and c.connamespace = 'public'::regnamespace`,
		[]
	);
	checks = new Map(rows.map(({ column, check }) => [column, check]));
});

describe('words of a closed list are the same in the code and in the database', () => {
	const lists: Readonly<Record<string, readonly string[]>> = {
		'volunteer_group.length_system': lengthSystems,
		'volunteer_group.stitch_terms': stitchTerms,
		'drop_off.method': countMethods,
		'sorting.colour': colourNames,
		'line.colour': colourNames,
		'bag_kind.source': bagSources,
		'line.form': lineForms,
		'movement.holder': holders,
		'entry.reason': ledgerReasons,
		'thing.sort': thingSorts,
		'row_mark.side': sides,
		'link.grants': grants,
		'link.role': roles,
		'house_note.name': houseNotes,
		'link.station': lineStations,
		'member.role': roles,
		'tool.sort': toolSorts,
		'person.needs': needs,
		'person_seat.seat': seatNames,
		'person_seat.level': levels,
		'seat.station': seatStations,
		'table_day.cut_with': cutsWith,
		'thing_event.what': thingEvents,
		'mat_check.result': checkResults,
		'measurement.kind': measures,
		'timed_work.work': tasks,
		'practised.kind': exerciseKinds,
		'list_import.list': listNames,
		'list_import.day_order': dayOrders,
		'counted_on.what': countedOn,
		'kept_picture.subject': subjects,
		'list_import.known_rows': knownRows,
		'list_matching.list': listNames,
		'list_matching.day_order': dayOrders
	};
	const wordsOf = (check: string) =>
		[...check.matchAll(/'([^']+)'::text/g)].map(([, word]) => word);

	it('in every column that has such a list', () =>
		expect(
			[...checks]
				.filter(([, check]) => check.includes('ARRAY['))
				.map(([column]) => column)
				.sort()
		).toEqual(Object.keys(lists).sort()));

	it.each(Object.entries(lists))('%s', (column, words) =>
		expect(wordsOf(checks.get(column) ?? '').sort()).toEqual([...words].sort())
	);
});

it('the kinds of bag a group begins with are the bags that planning begins with', async () => {
	const kinds = await listKinds(await newGroup());
	const measures = ['flatWidthMm', 'gussetMm', 'bodyMm', 'handleMm', 'massG'] as const;
	const of = (bag: Bag) => measures.map((name) => bag[name]);
	const sorted = (bags: readonly Bag[]) =>
		bags.map(of).sort((a, b) => (a.at(-1) ?? 0) - (b.at(-1) ?? 0));
	expect(sorted(kinds)).toEqual(sorted(bagPresets.map(({ bag }) => bag)));
});

describe('what a field may hold is the same in the code and in the database', () => {
	/** The bound that a check sets, read out of it. */
	function boundOf(check: string): Bound {
		const at = (sign: string) => {
			const found = new RegExp(` ${sign} \\(?(-?[\\d.]+)`).exec(check)?.[1];
			return found === undefined ? undefined : Number(found);
		};
		const bound = { atLeast: at('>='), moreThan: at('>'), atMost: at('<=') };
		return Object.fromEntries(
			Object.entries(bound).filter(([, value]) => value !== undefined)
		) as Bound;
	}
	/** Kept by the server alone, which nobody types. */
	const ownNumbers = [
		'plan.version',
		'drop_off.bags_low',
		'movement.amount',
		'balance.amount',
		'entry.sequence',
		'cut.strip_width_mm',
		'cut.pieces_per_bag',
		'cut.thickness_um',
		'cut.piece_g',
		'label_printer.labels_left',
		'table_day.from_minute',
		'table_day.to_minute',
		'seat.from_minute',
		'seat.to_minute',
		'volunteer_group.codes_reserved',
		'season_forecast.wanted',
		'season_forecast.there',
		'season_forecast.low',
		'season_forecast.expected',
		'season_forecast.high',
		'season_forecast.chance',
		'code_block.first_serial',
		'code_block.codes',
		'thing_event.mass_g',
		'row_mark.set_to',
		'mat_check.width_mm',
		'mat_check.length_mm',
		'cut.piece_length_mm',
		'delivery_mat.length_mm',
		'mat_ask.length_mm',
		'mat_check.mass_g',
		'delivery_mat.width_mm',
		'delivery_mat.bags',
		'delivery_mat.film_mg',
		'delivery_mat.mass_g',
		'delivery_mat.timed_min',
		'delivery_mat.estimated_min',
		'delivery_pillow.bags',
		'delivery_pillow.film_mg',
		'delivery.crate_width_mm',
		'delivery.crate_depth_mm',
		'delivery.crate_height_mm',
		'mat_ask.width_mm',
		'timed_work.default_seconds',
		'list_import.row_count',
		'drying.hanging',
		'rhythm.from_minute',
		'rhythm.to_minute',
		'sheet_printer.line_um'
	];

	it('in every column that has a bound', () => {
		const bounded = [...checks].filter(
			([, check]) =>
				/[<>]=? ?\(?-?\d/.test(check) && !/(char|octet|array)_length|size|num_nonnulls/.test(check)
		);
		expect(bounded.map(([column]) => column).sort()).toEqual(
			[...Object.keys(bounds), ...ownNumbers].sort()
		);
	});

	it.each(Object.entries(bounds))('%s', (column, bound) =>
		expect(boundOf(checks.get(column) ?? '')).toEqual(bound)
	);

	it('in a movement, whose amount goes either way, and which may take a whole list back', () =>
		expect(Number(/<= \(?(\d+)/.exec(checks.get('movement.amount') ?? '')?.[1])).toBe(
			100 * Math.max(movedAtOnce.pieces.atMost, movedAtOnce.scrapG.atMost)
		));

	/** Texts that are looked at by what they are, or that nobody types. */
	const notTyped = [
		'volunteer_group.time_zone',
		'entry.type',
		'rhythm.rule',
		'account.name',
		'account.email',
		'trail.act',
		'trail.about'
	];
	it('in every text', () => {
		const texts = [...checks].flatMap(([column, check]) => {
			const most = /char_length\(.*<= (\d+)/.exec(check)?.[1];
			return most === undefined || notTyped.includes(column) ? [] : [[column, Number(most)]];
		});
		expect(Object.fromEntries(texts)).toEqual(longest);
	});
});

describe('rows of groups', () => {
	it('are shown by no table and no view but to their own', async () => {
		const open = await house.many<{ name: string }>(
			`select c.relname::text as name from pg_class c
			 where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p', 'v', 'm')
				and case when c.relkind in ('r', 'p') then not (c.relrowsecurity and exists (
						select 1 from pg_policy p where p.polrelid = c.oid
							and pg_get_expr(p.polqual, c.oid) like '%group_at_hand()%'))
					else not 'security_invoker=true' = any (coalesce(c.reloptions, '{}')) end
			 order by 1`,
			[]
		);
		expect(open.map(({ name }) => name)).toEqual(['schema_migration', ...wholeTables].sort());
	});

	it('are hidden from the application by nothing it may change', async () => {
		const [role] = await house.many<{ mayPass: boolean; owns: number }>(
			`select rolsuper or rolbypassrls or rolcreaterole as "mayPass",
				(select count(*)::integer from pg_class where relowner = r.oid) as owns
			 from pg_roles r where rolname = 'nest_row_app'`,
			[]
		);
		expect(role).toEqual({ mayPass: false, owns: 0 });
	});
});
