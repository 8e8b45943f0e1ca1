<script lang="ts">
	// Who can do what: a row a volunteer, a column a seat. How at home somebody is there is on their own page alone.
	import { SeatGrid as say } from '$lib/words/people';
	import { nearDayWords } from '$lib/ui/day-words';
	import { scrollByKey } from '$lib/ui/scroll-by-key';
	import type { Person } from './person';
	import SeatDrawing from './SeatDrawing.svelte';
	import { seatNames, seatWords } from './seats';
	import { seatsWords } from './seats-words';

	interface Props {
		people: readonly Person[];
		/** The days to come, the next first. */
		days: readonly { readonly id: string; readonly day: string }[];
		/** Mats being made, and who has each. */
		mats: readonly { readonly code: string; readonly maker: string }[];
		today: string;
	}
	const { people, days, mats, today }: Props = $props();
	const matsOf = (person: Person) => mats.filter(({ maker }) => maker === person.id);
	/** The next day they come. */
	const nextOf = (person: Person) => days.find(({ id }) => person.days.includes(id));
	/** They do not come on the next day there is. */
	const isAway = (person: Person) => days.length > 0 && !person.days.includes(days[0]?.id ?? '');
</script>

<div class="overflow-x-auto" {@attach scrollByKey}>
	<table class="w-full text-left">
		<thead class="quiet text-[0.875rem]">
			<tr>
				<th class="pr-3 font-normal" scope="col">{say.volunteer()}</th>
				{#each seatNames as seat (seat)}
					<th class="px-1 text-center align-bottom font-normal @max-[61rem]:hidden" scope="col">
						<span class="mx-auto block w-8 [&_svg]:h-8 [&_svg]:w-8"><SeatDrawing {seat} /></span>
						<span class="block text-[0.75rem] leading-tight">{seatWords[seat]}</span>
					</th>
				{/each}
				<th class="px-3 align-bottom font-normal @max-[48rem]:hidden" scope="col"
					>{say.nextDay()}</th
				>
				<th class="pl-3 align-bottom font-normal @max-[48rem]:hidden" scope="col">{say.mat()}</th>
			</tr>
		</thead>
		<tbody>
			{#each people as person (person.id)}
				{@const next = nextOf(person)}
				<tr class="border-t border-base-300 hover:bg-base-200" data-person={person.name}>
					<th class="py-0.5 pr-3 font-normal" scope="row">
						<a
							class="inline-grid min-h-11 content-center font-semibold underline underline-offset-4"
							href="?of={person.id}#person">{person.name}</a
						>
						{#if person.contact}<span class="quiet block text-[0.875rem] break-words"
								>{person.contact}</span
							>{/if}
						<span class="quiet block text-[0.9375rem] @min-[61rem]:sr-only"
							>{seatsWords(person)}</span
						>
						<span class="quiet block pb-2 text-[0.9375rem] @min-[48rem]:hidden">
							{next
								? nearDayWords(next.day, today)
								: say.noDay()}{#each matsOf(person) as { code } (code)},
								{code}{/each}
						</span>
					</th>
					{#each seatNames as seat (seat)}
						<td class="px-1 text-center @max-[61rem]:hidden" aria-hidden="true">
							<span
								class="inline-block size-4 rounded-full border align-middle {person.seats[seat]
									? 'border-primary bg-primary'
									: 'border-base-300'}"
							></span>
						</td>
					{/each}
					<td class="px-3 whitespace-nowrap @max-[48rem]:hidden">
						{next ? nearDayWords(next.day, today) : say.noDay()}
						{#if next && isAway(person)}<span class="quiet block text-[0.875rem]"
								>{say.away({ day: nearDayWords(days[0]?.day ?? today, today) })}</span
							>{/if}
					</td>
					<td class="pl-3 @max-[48rem]:hidden">
						{#each matsOf(person) as { code } (code)}<a
								class="mr-2 inline-grid min-h-11 link content-center"
								href="/make/{code}">{code}</a
							>{/each}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
