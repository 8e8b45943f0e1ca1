import { readPerson as say } from '$lib/words/people';
import { uuidShape } from '$lib/server/base/uuid';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import type { Level, SeatName } from '$lib/stages/people/seats';
import { bladeSeats, levels, needs, seatNames } from '$lib/stages/people/seats';
import { z } from 'zod';
import type { Person } from '$lib/stages/people/person';

const uuids = (values: readonly FormDataEntryValue[]): string[] =>
	values.flatMap((value) => uuidShape.safeParse(value).data ?? []).slice(0, 500);

/** What the form of a person says; problems by field, and what was typed in any case. */
export function readPerson(form: FormData): {
	person: Person;
	problems: Record<string, string>;
} {
	const text = (name: string) => String(form.get(name) ?? '').slice(0, 400);
	const read = new FormReader({
		name: text('name'),
		likes: text('likes'),
		contact: text('contact'),
		id: text('id')
	});
	const age = form.get('age');
	// A page from before there were three ages says it so.
	const isChild = age === 'child' || form.get('child') === 'yes';
	const isTeen = age === 'teen';
	const seats: Partial<Record<SeatName, Level>> = {};
	for (const seat of seatNames) {
		const level = levels.find((one) => one === form.get(`seat_${seat}`));
		if (level) seats[seat] = level;
	}
	if (isChild && bladeSeats.some((seat) => seats[seat]))
		read.problems.seats = say.aChildGetsBluntScissors();
	if (isTeen && seats['cut-blade']) read.problems.seats = say.noBladeForATeenager();
	const version = z.coerce.number().int().min(1).safeParse(form.get('version')).data ?? 0;
	const person = {
		id: read.uuid('id'),
		name: read.needed('name', longest['person.name']),
		version,
		likes: read.text('likes', longest['person.likes']),
		contact: read.text('contact', longest['person.contact']),
		isChild,
		isTeen,
		comesAlways: form.get('always') === 'yes',
		needs: needs.filter((need) => form.getAll('need').includes(need)),
		seats,
		sitsWith: uuids(form.getAll('with')),
		days: uuids(form.getAll('day'))
	};
	return { person, problems: read.problems };
}
