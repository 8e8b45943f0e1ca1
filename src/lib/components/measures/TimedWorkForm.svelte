<script lang="ts">
	// Work timed at a station: how many, by how many people, in how many minutes.
	import EntryField from '$lib/components/gather/EntryField.svelte';
	import EntryForm from '$lib/components/gather/EntryForm.svelte';
	import EntrySelect from '$lib/components/gather/EntrySelect.svelte';
	import type { Station } from '$lib/core/effort/stations';
	import { stations } from '$lib/core/effort/stations';
	import { stationUnits } from '$lib/core/effort/unit-seconds';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { getQueue } from '$lib/gather/queue-context';
	import type { SentForm } from '$lib/gather/typed-form.svelte';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { untrack } from 'svelte';

	interface Props {
		makers: readonly string[];
		today: string;
		system: LengthSystem;
		sent?: SentForm | null | undefined;
	}
	const { makers, today, system, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'timed',
				{ station: 'join', maker: '', units: '', people: '1', minutes: '', worked_on: today },
				system,
				getQueue(),
				sent
			)
	);
	const unit = $derived(stationUnits[(form.typed.station ?? 'join') as Station].unit);
</script>

<EntryForm
	{form}
	title="Work timed"
	act="Keep the time"
	isMain={false}
	words={() => `${form.typed.units} ${unit} timed`}
	stays={['station', 'maker', 'worked_on', 'people']}
>
	<EntrySelect
		{form}
		field="station"
		label="At the station"
		options={stations.map((station) => ({ value: station, label: station }))}
	/>
	<div class="grid grid-cols-3 gap-3">
		<EntryField {form} field="units" label="How many {unit}" inputmode="numeric" />
		<EntryField {form} field="people" label="People" inputmode="numeric" />
		<EntryField {form} field="minutes" label="Minutes" inputmode="decimal" />
	</div>
	<div class="grid grid-cols-2 gap-3">
		<EntryField {form} field="worked_on" label="On this day" type="date" />
		<EntryField {form} field="maker" label="By whom, if they like" offers={makers} />
	</div>
</EntryForm>
