<script lang="ts">
	// Seats chosen from lists, each for the whole day: a form that needs no scripts.
	import { SeatList as say } from '$lib/words/table-day';
	import { actTo } from '$lib/ui/offered';
	import { seatStations } from '$lib/stages/people/seats';
	import type { DaySeat, PlannedDay } from './day-view';

	const { day, seats }: { day: PlannedDay; seats: readonly DaySeat[] } = $props();
</script>

<details class="sheet px-4 py-1 open:pb-4">
	<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
		>{say.seatsAsAList()}</summary
	>
	<form
		data-drafts="own"
		class="grid grid-cols-[minmax(0,1fr)] gap-3"
		method="POST"
		{...actTo('?/seats')}
	>
		<input type="hidden" name="version" value={day.version} />
		<p class="quiet">
			{say.eachSitsAtOneStation()}
		</p>
		<div class="grid grid-cols-[minmax(0,1fr)] gap-2 @min-[40rem]:grid-cols-3">
			{#each day.people as person (person.id)}
				{@const own = seats.find((seat) => seat.personId === person.id)}
				<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
					{person.name}
					<select class="field" name="seat_{person.id}">
						<option value="">{say.noSeat()}</option>
						{#each seatStations as station (station)}
							<option value={station} selected={own?.station === station}>{station}</option>
						{/each}
					</select>
				</label>
			{/each}
		</div>
		<button class="btn justify-self-start">{say.saveSeats()}</button>
	</form>
</details>
