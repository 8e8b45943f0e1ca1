<script lang="ts">
	import { PrepareDaysIdStationPage as say } from '$lib/words/table-day';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { capital } from '$lib/ui/number-words';
	import { newKey } from '$lib/ui/new-key';
	import { stationWords } from '$lib/stages/table-day/day-words';
	import TapPage from '$lib/stages/table-day/TapPage.svelte';
	import { tapCount, tapWords } from '$lib/stages/table-day/taps';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const key = newKey();
	const count = $derived(tapCount(data.station, data.work));
</script>

<PageTitle of={capital(stationWords[data.station])}>
	<a class="link-row text-right" href="/prepare/days/{data.day.id}"
		>{nearDayWords(data.day.day, data.group.today)}<span class="@max-[48rem]/page:hidden"
			>, {data.day.place}</span
		></a
	>
</PageTitle>
<TapPage
	isTitled={false}
	day={data.day}
	work={data.work}
	station={data.station}
	taps={data.taps}
	others={data.others}
	minute={data.minute}
/>
<noscript>
	<form class="sheet grid gap-3 p-4" method="POST">
		<input type="hidden" name="type" value="tap" />
		<input type="hidden" name="key" value={key} />
		<input type="hidden" name="day" value={data.day.id} />
		<input type="hidden" name="station" value={data.station} />
		<p>{say.soFar({ tap: tapWords(data.station, data.taps.done[data.station]) })}</p>
		{#if form?.entry.said}<p role="status">{form.entry.said}</p>{/if}
		<label class="grid gap-1"
			>{say.numberDone()}
			<input class="field w-32" name="count" inputmode="numeric" value={count} />
		</label>
		<button class="btn justify-self-start btn-accent">{say.done()}</button>
	</form>
</noscript>
