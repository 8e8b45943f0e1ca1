<script lang="ts">
	import { PeoplePage as say } from '$lib/words/people';
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import OneLineForm from '$lib/ui/OneLineForm.svelte';
	import PersonForm from '$lib/stages/people/PersonForm.svelte';
	import { seatsWords } from '$lib/stages/people/seats-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const forgetting = $derived(data.people.find(({ id }) => id === data.forget));
	const added = $derived(form && 'added' in form ? form.added : null);
	/** What was typed of a person and not kept. */
	const shown = $derived(form && 'person' in form ? form.person : null);
	const wrong = $derived<Readonly<Record<string, string>>>(
		(form && 'wrong' in form ? form.wrong : null) ?? {}
	);
	const open = $derived(data.people.find(({ id }) => id === (shown?.id ?? data.of)) ?? null);
	const place = $derived(form && 'place' in form ? form.place : null);
</script>

<PageTitle />

<main id="main" class="@container mx-auto grid w-full max-w-4xl gap-5 px-5 py-6 max-sm:px-4">
	<h1>{say.peopleAndPlaces()}</h1>
	{#if form && 'message' in form && form.message}
		<p class="font-semibold text-error" role="alert">{form.message}</p>
	{/if}

	<section class="sheet grid gap-3 p-5" aria-labelledby="people">
		<h2 id="people">{say.people()}</h2>
		<p class="quiet">
			{say.aFirstNameOrA()}
		</p>
		<OneLineForm
			action="?/add"
			id="added"
			label={say.newVolunteer()}
			act={say.add()}
			isMain
			refused={added ?? null}
		/>
		{#if data.people.length === 0}
			<p>{say.noNamesYetNobodyHas()}</p>
		{:else}
			<ul class="grid">
				{#each data.people as person (person.id)}
					<li
						class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-1 first:border-t-0"
						data-person={person.name}
					>
						<a class="min-h-11 link content-center font-semibold" href="?of={person.id}#person"
							>{person.name}</a
						>
						<span class="quiet min-w-0 flex-1 basis-40 text-[0.9375rem]">{seatsWords(person)}</span>
						{#if forgetting?.id !== person.id}
							<a class="link-row" href="?forget={person.id}#forget" data-sveltekit-noscroll
								>{say.deleteTheName()} <span class="sr-only">{person.name}</span></a
							>
						{:else}
							<form
								class="grid basis-full gap-3 pb-2"
								method="POST"
								{...actTo('?/forget')}
								id="forget"
							>
								<input type="hidden" name="id" value={person.id} />
								<p>
									{say.theNameIsDeletedEverywhere({ name: person.name })}
								</p>
								<div class="flex flex-wrap gap-3">
									<button class="btn btn-neutral"
										>{say.deleteTheName2({ name: person.name })}</button
									>
									<a class="btn" href="/people#people">{say.cancel()}</a>
								</div>
							</form>
						{/if}
					</li>
				{/each}
			</ul>
		{/if}
	</section>
	{#if open}
		<section class="grid gap-2" aria-labelledby="one-person">
			<h2 id="one-person">{open.name}</h2>
			{#key open.id + open.version}
				<PersonForm
					person={shown ?? open}
					others={data.people.filter(({ id }) => id !== open.id)}
					days={data.days}
					practised={data.practised}
					problems={wrong}
				/>
			{/key}
		</section>
	{/if}

	<section class="sheet grid gap-3 p-5" aria-labelledby="places">
		<h2 id="places">{say.receivingPlaces()}</h2>
		<p class="quiet">
			{say.sourcesOfBagsAreUnder()}
			<a class="link" href="/gather#places">{say.gather()}</a>{say.onePlaceCanDoBoth()}
		</p>
		{#if data.places.length > 0}
			<ul class="grid">
				{#each data.places as one (one.id)}
					<li
						class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-1 first:border-t-0"
						data-receives={one.name}
					>
						<span class="flex-1 font-semibold">
							{one.name}{#if one.givesBags}<span class="quiet font-normal"
									>{say.givesBagsToo()}</span
								>{/if}
						</span>
						<form method="POST" {...actTo('?/ended')}>
							<input type="hidden" name="id" value={one.id} />
							<button class="btn btn-ghost font-normal"
								>{say.remove()}<span class="sr-only">: {one.name}</span></button
							>
						</form>
					</li>
				{/each}
			</ul>
		{/if}
		<OneLineForm
			action="?/receiving"
			id="place"
			label={say.newReceivingPlace()}
			act={say.addPlace()}
			refused={place ?? null}
		/>
		<p>
			<a class="inline-flex min-h-11 link items-center" {...linkTo('/removed')}>{say.removed()}</a>
		</p>
	</section>
</main>
