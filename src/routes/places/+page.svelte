<script lang="ts">
	import { PlacesPage as say } from '$lib/words/people';
	import SamePlaces from '$lib/stages/gather/SamePlaces.svelte';
	import { rejectRate } from '$lib/core/gather/reject-rate';
	import OneLineForm from '$lib/ui/OneLineForm.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import Table from '$lib/ui/Table.svelte';
	import { nearDayWords } from '$lib/ui/day-words';
	import { wholeNumber } from '$lib/ui/number-words';
	import { actTo, linkTo } from '$lib/ui/offered';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const hanging = $derived(form && 'hanging' in form ? form.hanging : null);
	const place = $derived(form && 'place' in form ? form.place : null);
</script>

<StagePage>
	<PageTitle />
	{#if form && 'message' in form && form.message}
		<p class="mb-3 font-semibold text-error" role="alert">{form.message}</p>
	{/if}
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]"
	>
		<section class="sheet p-4" aria-labelledby="sources">
			<h2 id="sources">{say.sources()}</h2>
			{#if data.sources.length === 0}
				<p class="mt-2">
					{say.noSourceYet()}
					<a class="link-row" href="/gather">{say.bagsCameIn()}</a>
				</p>
			{:else}
				<Table
					heads={[
						say.source(),
						{ label: say.bagsSoFar(), isFigure: true },
						{ label: say.sorted(), isFigure: true },
						{ label: say.unusableSoFar(), isFigure: true },
						{ label: say.expectedOfMore(), isFigure: true },
						say.last()
					]}
					stacks
				>
					{#each data.sources as source (source.id)}
						<tr data-place={source.name}>
							<th class="font-semibold" scope="row">{source.name}</th>
							<td class="figure text-right" data-label={say.bagsSoFar()}
								>{wholeNumber(source.bags)}</td
							>
							<td class="figure text-right" data-label={say.sorted()}
								>{wholeNumber(source.sorted)}</td
							>
							<td class="figure text-right" data-label={say.unusableSoFar()} data-rejected
								>{wholeNumber(source.rejected)}</td
							>
							<td class="figure quiet text-right" data-label={say.expectedOfMore()} data-expected
								>{Math.round(rejectRate(source) * 100)} %</td
							>
							<td class="quiet whitespace-nowrap" data-label={say.last()}
								>{source.lastCame ? nearDayWords(source.lastCame, data.group.today) : ''}</td
							>
						</tr>
					{/each}
				</Table>
			{/if}
			{#if data.account === null || data.account.role === 'coordinator'}
				<SamePlaces
					places={data.sources}
					problem={form && 'merging' in form ? (form.merging ?? '') : ''}
				/>
			{/if}
		</section>
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-labelledby="receiving">
			<h2 id="receiving">{say.receivingPlaces()}</h2>
			<p class="quiet">{say.whereMatsGo()}</p>
			{#if hanging}
				<form
					class="grid gap-2 rounded-lg border-2 border-error p-3"
					method="POST"
					{...actTo('?/ended')}
					data-hanging
				>
					<h3>{say.removeThePlace({ name: hanging.name })}</h3>
					<ul class="list-disc pl-5">
						{#if hanging.mats > 0}<li data-hangs="asks">
								<a class="link" href="/hand-over/asks">{say.itAsksFor({ mats: hanging.mats })}</a>
							</li>{/if}
						{#if hanging.unconfirmed > 0}<li data-hangs="deliveries">
								{say.notConfirmed({ count: hanging.unconfirmed })}
							</li>{/if}
					</ul>
					<input type="hidden" name="id" value={hanging.id} />
					<input type="hidden" name="sure" value="yes" />
					<div class="flex flex-wrap gap-3">
						<button class="btn">{say.remove()}</button>
						<a class="btn btn-ghost" href="/places#receiving">{say.cancel()}</a>
					</div>
				</form>
			{/if}
			{#if data.receiving.length > 0}
				<ul class="grid">
					{#each data.receiving as one (one.id)}
						<li
							class="flex flex-wrap items-center gap-x-4 border-t border-base-300 py-1 first:border-t-0"
							data-receives={one.name}
						>
							<span class="min-w-0 flex-1 font-semibold break-words">
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
				<a class="link-row" {...linkTo('/removed')}>{say.removed()}</a>
			</p>
		</section>
	</div>
</StagePage>
