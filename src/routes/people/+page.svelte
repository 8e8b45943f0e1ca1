<script lang="ts">
	import { PeoplePage as say } from '$lib/words/people';
	import { listWords } from '$lib/ui/list-words';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { actTo } from '$lib/ui/offered';
	import OneLineForm from '$lib/ui/OneLineForm.svelte';
	import PersonForm from '$lib/stages/people/PersonForm.svelte';
	import SeatGrid from '$lib/stages/people/SeatGrid.svelte';
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
</script>

<StagePage>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
		{#if form && 'message' in form && form.message}
			<p class="font-semibold text-error" role="alert">{form.message}</p>
		{/if}

		<section class="sheet grid gap-3 p-5" aria-labelledby="people">
			<h2 id="people" class="sr-only">{say.people()}</h2>
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
				<SeatGrid people={data.people} days={data.days} mats={data.mats} today={data.group.today} />
				{#if forgetting}
					<form class="grid gap-3 pb-2" method="POST" {...actTo('?/forget')} id="forget">
						<input type="hidden" name="id" value={forgetting.id} />
						{#if data.hangs}
							<ul class="list-disc pl-5" data-hangs-on={forgetting.name}>
								{#if data.hangs.mats.length > 0}<li data-hangs="mats">
										<a class="link" href="/make/{data.hangs.mats[0]}"
											>{say.theyHaveMats({
												count: data.hangs.mats.length,
												codes: listWords(data.hangs.mats)
											})}</a
										>
									</li>{/if}
								{#if data.hangs.days > 0}<li data-hangs="days">
										{say.theySaidYes({ days: data.hangs.days, seats: data.hangs.seats })}
									</li>{/if}
								{#if data.hangs.mats.length + data.hangs.days === 0}<li>
										{say.nothingHangs()}
									</li>{/if}
							</ul>
						{/if}
						<p>{say.theNameIsDeletedEverywhere({ name: forgetting.name })}</p>
						<div class="flex flex-wrap gap-3">
							<button class="btn btn-neutral"
								>{say.deleteTheName2({ name: forgetting.name })}</button
							>
							<a class="btn" href="/people#people">{say.cancel()}</a>
						</div>
					</form>
				{/if}
			{/if}
		</section>
		{#if open}
			<section class="grid gap-2" aria-labelledby="one-person">
				<div class="flex flex-wrap items-center justify-between gap-x-4">
					<h2 id="one-person">{open.name}</h2>
					<a class="link-row" href="?of={open.id}&forget={open.id}#forget" data-sveltekit-noscroll
						>{say.deleteTheName()} <span class="sr-only">{open.name}</span></a
					>
				</div>
				{#key open.id + open.version}
					<PersonForm
						person={shown ?? open}
						others={data.people.filter(({ id }) => id !== open.id)}
						days={data.days}
						practised={data.practised}
						problems={wrong}
						hasRhythm={data.hasRhythm}
						teensCutSharp={data.teensCutSharp}
					/>
				{/key}
			</section>
		{/if}
	</div>
</StagePage>
