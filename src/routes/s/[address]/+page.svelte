<script lang="ts">
	import { SAddressPage as say } from '$lib/words/house';
	import { stationWords } from '$lib/stages/table-day/day-words';
	import TapPage from '$lib/stages/table-day/TapPage.svelte';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
</script>

<svelte:head
	><title
		>{say.nestRow({
			stationWords: stationWords[data.station],
			yearDay: nearDayWords(data.day.day, data.group.today)
		})}</title
	></svelte:head
>

<main
	id="main"
	class="@container mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 px-5 py-5 max-sm:px-4"
>
	<h1 class="text-base font-normal">
		{nearDayWords(data.day.day, data.group.today)}, {data.day.place}
	</h1>
	<TapPage
		day={data.day}
		work={data.work}
		station={data.station}
		taps={data.taps}
		others={data.others}
		minute={data.minute}
	/>
</main>
