<script lang="ts">
	import { LinksPage as msg } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { actTo } from '$lib/ui/offered';
	import { stationWords } from '$lib/stages/table-day/day-words';
	import MadeLink from '$lib/ui/MadeLink.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { entryWords } from '$lib/entries/registry';
	import { lineStations } from '$lib/core/assembly-line/assembly-line';
	import Table from '$lib/ui/Table.svelte';
	import { momentWords, nearDayWords, yearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	type Line = (typeof data.links)[number];
	const opensWords = ({ grants, mat, planName, day, station }: Line): string =>
		({
			'read-plan': planName ?? '',
			make: msg.theMat({ mat: mat ?? '' }),
			join: msg.joiningTheGroup(),
			station: station === null ? '' : stationWords[station],
			asks: msg.bagsToAskFor(),
			calendar: msg.theCalendar()
		})[grants] + (day ? `, ${nearDayWords(day, data.group.today)}` : '');
	const moreWords = ({ grants, planName, planVersion, role }: Line): string =>
		({
			'read-plan': msg.version({ planVersion: planVersion ?? '' }),
			make: msg.toCount({ planName: planName ?? '' }),
			join: msg.forOneToComeIn({ role: role ?? '' }),
			station: msg.toTapAt(),
			asks: msg.toRead(),
			calendar: msg.toFollow()
		})[grants];
	const key = newKey();
	const address = $derived(form && 'address' in form ? form.address : null);
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
		<div>
			<p class="quiet">
				{msg.aLinkLetsWhoeverHas({ days: data.days })}
			</p>
		</div>
		{#if form && 'message' in form && form.message}
			<p class="font-semibold text-error" role="alert">{form.message}</p>
		{/if}
		{#if address}
			<section class="sheet grid gap-2 border-2 border-success p-5" aria-labelledby="made">
				<h2 id="made">{msg.yourNewLink()}</h2>
				<p>{msg.copyItNowItIs()}</p>
				<MadeLink {address} isOnlyHere={data.isOnlyHere} />
			</section>
		{/if}
		{#if data.late.length > 0}
			<section
				class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 border-2 border-warning p-5"
				aria-labelledby="late"
			>
				<h2 id="late">{msg.cameLate()}</h2>
				<p>
					{msg.theseCameByALink()}
				</p>
				<ul class="grid gap-3">
					{#each data.late as entry (entry.key)}
						<li
							class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-base-300 pt-2"
							data-late={entry.type}
						>
							<span class="min-w-0 [overflow-wrap:anywhere]"
								>{msg.someone({ entry: entryWords(entry.type) })}<span class="quiet block text-sm"
									>{msg.came({
										values: Object.values(entry.typed).join(', '),
										moment: momentWords(entry.cameAt)
									})}</span
								></span
							>
							<form class="flex flex-wrap gap-2" method="POST" {...actTo('?/late')}>
								<input type="hidden" name="key" value={entry.key} />
								<button class="btn btn-accent" name="keep" value="yes">{msg.save()}</button>
								<button class="btn" name="keep" value="no">{msg.throwItAway()}</button>
							</form>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="new">
			<h2 id="new">{msg.aNewLink()}</h2>
			<form class="flex flex-wrap gap-3" method="POST" {...actTo('?/open')}>
				<input type="hidden" name="key" value={key} />
				<button
					class="btn h-auto min-h-11 max-w-full shrink whitespace-normal"
					name="opens"
					value="asks">{msg.toWhatIsAskedFor()}</button
				>
				<button
					class="btn h-auto min-h-11 max-w-full shrink whitespace-normal"
					name="opens"
					value="calendar">{msg.toTheCalendar()}</button
				>
			</form>
			{#if data.tableDays.length > 0}
				<form class="flex flex-wrap items-end gap-3" method="POST" {...actTo('?/open')}>
					<input type="hidden" name="key" value={key} />
					<label class="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]"
						>{msg.aTableDay()}
						<select class="field max-w-full min-w-0" name="day">
							{#each data.tableDays as day (day.id)}
								<option value={day.id}
									>{nearDayWords(day.day, data.group.today)}, {day.place}</option
								>
							{/each}
						</select>
					</label>
					<label class="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]"
						>{msg.itsStation()}
						<select class="field max-w-full min-w-0" name="station">
							{#each lineStations as station (station)}
								<option value={station}>{stationWords[station]}</option>
							{/each}
						</select>
					</label>
					<button
						class="btn h-auto min-h-11 max-w-full shrink whitespace-normal"
						name="opens"
						value="station">{msg.toThisStationForIts()}</button
					>
				</form>
			{/if}
		</section>
		<section class="sheet p-5" aria-labelledby="links">
			<h2 id="links">{msg.yourLinks()}</h2>
			{#if data.links.length === 0}
				<p class="mt-2">
					{msg.noneYetUnder()} <a class="link" href="/plans">{msg.plans()}</a>
					{msg.andEachMatOnIts()} <a class="link" href="/make">{msg.make()}</a>
					{msg.eachMat()}
				</p>
			{:else}
				<Table
					heads={[msg.opens(), msg.made(), msg.usedLast(), { label: msg.end(), isSilent: true }]}
					stacks
				>
					{#each data.links as link (link.id)}
						{@const opens = opensWords(link)}
						<tr data-link={link.mat ?? link.planName ?? link.role ?? link.grants}>
							<th class="font-semibold" scope="row"
								>{opens}<span class="quiet font-normal">, {moreWords(link)}</span></th
							>
							<td class="quiet whitespace-nowrap" data-label="Made">{yearDayWords(link.madeAt)}</td>
							<td class="quiet" data-label="Used last"
								>{link.lastUsedAt ? momentWords(link.lastUsedAt) : msg.notYet()}</td
							>
							<td class="text-right">
								{#if link.revokedAt}
									<span class="quiet">{msg.revoked()}</span>
								{:else if link.expiresAt && link.expiresAt.getTime() < Date.now()}
									<span class="quiet">{msg.expired()}</span>
								{:else}
									<form method="POST" {...actTo('?/revoke')}>
										<input type="hidden" name="id" value={link.id} />
										<button class="btn btn-ghost font-normal"
											>{msg.revoke()}<span class="sr-only">
												{msg.theLinkTo({ opens })}</span
											></button
										>
									</form>
								{/if}
							</td>
						</tr>
					{/each}
				</Table>
			{/if}
		</section>
	</div>
</StagePage>
