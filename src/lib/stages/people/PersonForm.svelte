<script lang="ts">
	// One person: the seats they may take, things to allow for, and the days they can come.
	import { PersonForm as say } from '$lib/words/people';
	import { actTo } from '$lib/ui/offered';
	import Caution from '$lib/ui/Caution.svelte';
	import { shortDayWords } from '$lib/ui/day-words';
	import { untrack } from 'svelte';
	import type { KindPractised } from './practised-seats';
	import Practised from './Practised.svelte';
	import SeatDrawing from './SeatDrawing.svelte';
	import Ticks from './Ticks.svelte';
	import type { Person } from './person';
	import type { SeatName } from './seats';
	import {
		bladeSeats,
		levels,
		seatNeedWords,
		needs,
		seatCautions,
		seatNames,
		seatWords
	} from './seats';

	interface Props {
		person: Person;
		others: readonly { readonly id: string; readonly name: string }[];
		days: readonly { readonly id: string; readonly day: string; readonly place: string }[];
		/** What they practised under their name. */
		practised: readonly KindPractised[];
		/** What was wrong with what was typed, by field; it stands here still. */
		problems: Readonly<Record<string, string>>;
		/** The table meets by a rule. */
		hasRhythm: boolean;
		/** The group lets teenagers use sharp scissors with an adult beside them. */
		teensCutSharp: boolean;
	}
	const { person, others, days, practised, problems, hasRhythm, teensCutSharp }: Props = $props();
	let seats = $state<Record<string, string>>(untrack(() => ({ ...person.seats })));
	let age = $state(untrack(() => (person.isChild ? 'child' : person.isTeen ? 'teen' : 'adult')));
	/** A tap on a drawn seat: usual first, then practised, new, and not at all. */
	const next: Readonly<Record<string, string>> = {
		'': 'usual',
		usual: 'practised',
		practised: 'new',
		new: ''
	};
	const isShut = (seat: SeatName) =>
		(age === 'child' && bladeSeats.includes(seat)) ||
		(age === 'teen' && (seat === 'cut-blade' || (seat === 'cut-sharp' && !teensCutSharp)));
	const ages = $derived([
		['adult', say.adult()],
		['teen', teensCutSharp ? say.aTeenagerSharp() : say.aTeenager()],
		['child', say.aChildAnAdultBeside()]
	] as const);
	/** Days that are shown at once; the others are behind a fold. */
	const shownDays = 6;
	const cautions = $derived(
		seatNames.filter((seat) => seats[seat] && !isShut(seat) && seatCautions[seat])
	);
	const field = (name: string) => problems[name];
	const optionsOf = (some: Props['days']) =>
		some.map(({ id, day, place }) => ({ value: id, label: `${shortDayWords(day)}, ${place}` }));
</script>

<form
	class="sheet grid gap-4 p-4"
	method="POST"
	{...actTo('?/person')}
	id="person"
	data-person-form
>
	<input type="hidden" name="id" value={person.id} />
	<input type="hidden" name="version" value={person.version} />
	{#if problems.version}<p class="font-semibold text-error" role="alert">{problems.version}</p>{/if}
	<div class="grid gap-3 @min-[30rem]:grid-cols-3">
		<label class="grid gap-1">
			{say.name()}
			<input
				class="field"
				name="name"
				autocomplete="off"
				value={person.name}
				aria-invalid={field('name') ? 'true' : undefined}
				aria-describedby={field('name') ? 'name-problem' : undefined}
			/>
			{#if field('name')}<span class="font-semibold text-error" id="name-problem" role="alert"
					>{field('name')}</span
				>{/if}
		</label>
		<label class="grid gap-1">
			{say.likes()}
			<input
				class="field"
				name="likes"
				autocomplete="off"
				maxlength="200"
				value={person.likes ?? ''}
			/>
		</label>
		<label class="grid gap-1">
			{say.howToReachThem()}
			<input
				class="field"
				name="contact"
				autocomplete="off"
				maxlength="120"
				value={person.contact ?? ''}
				aria-describedby="contact-hint"
			/>
			<span class="quiet text-[0.9375rem]" id="contact-hint">{say.onlyCoordinatorsSeeThis()}</span>
		</label>
	</div>
	<fieldset class="grid gap-2">
		<legend class="font-semibold">{say.seatsTheyMayTake()}</legend>
		<p class="quiet text-[0.9375rem]">
			{say.tapASeatUsualPractised()}
		</p>
		{#if problems.seats}<p class="font-semibold text-error" role="alert">{problems.seats}</p>{/if}
		<ul class="grid grid-cols-[repeat(auto-fill,minmax(6.75rem,1fr))] gap-2">
			{#each seatNames as seat (seat)}
				{@const level = seats[seat] ?? ''}
				<li
					class="grid justify-items-center gap-1 rounded-xl border-2 p-1 {isShut(seat)
						? 'border-dashed border-base-300 opacity-60'
						: level
							? 'border-primary bg-primary/10'
							: 'border-base-300'}"
					data-seat={seat}
				>
					<button
						type="button"
						class="grid w-full cursor-pointer justify-items-center rounded-lg p-1 disabled:cursor-not-allowed"
						disabled={isShut(seat)}
						aria-label={say.change({
							seatWords: seatWords[seat],
							level: level || say.doesntDoThis()
						})}
						onclick={() => (seats[seat] = next[level] ?? '')}
					>
						<SeatDrawing {seat} />
						<span class="text-sm leading-tight font-semibold">{seatWords[seat]}</span>
					</button>
					{#if isShut(seat)}
						<span class="quiet text-sm"
							>{age === 'child' ? say.notForChildren() : say.notForTeenagers()}</span
						>
					{:else}
						<select
							class="field h-11 w-full px-1 text-sm"
							name="seat_{seat}"
							bind:value={() => level, (chosen) => (seats[seat] = chosen)}
							aria-label={seatWords[seat]}
						>
							<option value="">{say.doesntDoThis()}</option>
							{#each levels as one (one)}<option value={one}>{one}</option>{/each}
						</select>
					{/if}
				</li>
			{/each}
		</ul>
		{#if practised.length > 0}<Practised
				name={person.name}
				{practised}
				taken={seats}
				onopen={(seat) => (seats[seat] = 'new')}
			/>{/if}
		{#each cautions as seat (seat)}
			<Caution>{seatWords[seat]}: {seatCautions[seat]}</Caution>
		{/each}
	</fieldset>
	<div class="grid gap-1">
		<Ticks
			title={say.thingsToAllowFor()}
			name="need"
			options={needs.map((value) => ({ value, label: seatNeedWords[value] }))}
			ticked={person.needs}
		/>
		<fieldset>
			<legend class="font-semibold">{say.age()}</legend>
			{#each ages as [value, label] (value)}
				<label class="flex min-h-11 items-center gap-3">
					<input class="radio" type="radio" name="age" {value} bind:group={age} />
					{label}
				</label>
			{/each}
		</fieldset>
		<p class="quiet text-[0.9375rem]">{say.onlyForSeatingItStands()}</p>
	</div>
	{#if hasRhythm}
		<label class="flex min-h-11 items-center gap-3">
			<input
				class="checkbox"
				type="checkbox"
				name="always"
				value="yes"
				checked={person.comesAlways}
			/>
			{say.comesAlways()}
		</label>
	{/if}
	<Ticks
		title={say.canComeOn()}
		name="day"
		options={optionsOf(days.slice(0, shownDays))}
		ticked={person.days}
	/>
	{#if days.length > shownDays}
		<details>
			<summary class="inline-flex min-h-11 cursor-pointer items-center">{say.laterDays()}</summary>
			<Ticks
				title={say.laterDays()}
				name="day"
				options={optionsOf(days.slice(shownDays))}
				ticked={person.days}
			/>
		</details>
	{/if}
	<Ticks
		title={say.likesToSitWith()}
		name="with"
		options={others.map(({ id, name }) => ({ value: id, label: name }))}
		ticked={person.sitsWith}
	/>
	<div class="flex flex-wrap gap-3">
		<button class="btn btn-accent">{say.save()}</button>
		<a class="btn font-normal" href="/people">{say.close()}</a>
	</div>
</form>
