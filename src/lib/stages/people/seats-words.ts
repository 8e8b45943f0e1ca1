import { seatsWords as say } from '$lib/words/people';
import type { Level, SeatName } from './seats';
import { seatNames, seatWords } from './seats';

/** The seats somebody may take, in the order of the work; how they do there is on their own page alone. */
export function seatsWords({
	seats
}: {
	readonly seats: Partial<Readonly<Record<SeatName, Level>>>;
}): string {
	const names = seatNames
		.filter((seat) => seats[seat])
		.map((seat) => seatWords[seat].toLowerCase());
	return names.length === 0 ? say.noSeatsChosenYet() : names.join(' · ');
}
