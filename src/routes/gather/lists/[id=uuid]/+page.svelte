<script lang="ts">
	// A list on the table: what its columns are, what is wrong in it and where, and the act of keeping it.
	import { GatherListsIdPage as msg } from '$lib/words/gather';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { keepTyped } from '$lib/ui/keep-typed';
	import ListProblems from '$lib/stages/gather/lists/ListProblems.svelte';
	import ListQuestions from '$lib/stages/gather/lists/ListQuestions.svelte';
	import { listFields, listTitles } from '$lib/stages/gather/lists/columns';
	import { stillAsked } from '$lib/stages/gather/lists/still-asked';
	import { wholeNumber } from '$lib/ui/number-words';
	import { momentWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	let progress = $state.raw<{ done: number; all: number } | null>(null);
	let refused = $state.raw<readonly string[]>([]);
	const found = $derived(data.found);
	const problems = $derived([...((form && 'problems' in form && form.problems) || []), ...refused]);
	const back = $derived(form && 'back' in form ? form.back : null);
	const asked = $derived(data.check && stillAsked(data.check, found));
	const isAsked = $derived(asked !== null && (asked.ofKnown || asked.ofOdd));
	const isGood = $derived(
		data.check !== null &&
			!isAsked &&
			data.check.columnProblems.length + data.check.problemCount === 0
	);

	/** Keeps the list and follows how far it is. Whatever happens on the way, asking again counts once. */
	async function keep() {
		refused = [];
		progress = { done: 0, all: found.rowCount };
		try {
			const response = await fetch(`/gather/lists/${found.id}/keep`, { method: 'POST' });
			const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
			let held = '';
			for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
				const lines = (held + part.value).split('\n');
				held = lines.pop() ?? '';
				for (const line of lines) {
					const said = JSON.parse(line);
					if (said.all) progress = said;
					if (said.problems) refused = said.problems;
				}
			}
		} catch {
			refused = [msg.theConnectionBrokeKeepIt()];
		}
		progress = null;
		await invalidateAll();
	}
</script>

<PageTitle />

<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
	<section class="sheet p-4" aria-labelledby="list">
		<h2 id="list">{listTitles[found.list]}: {found.fileName}</h2>
		{#if found.keptAt}
			<p class="mt-2 font-semibold text-secondary" role="status">
				{msg.allRowsWereSavedOn({
					rowCount: wholeNumber(found.rowCount),
					moment: momentWords(found.keptAt)
				})}
			</p>
			<p class="mt-2">
				<a class="link" href={found.list === 'movements' ? '/gather/store' : '/gather'}
					>{msg.lookAtThem()}</a
				>
			</p>
			{#if found.takenBackAt}
				<p class="mt-2 rounded-lg border-2 border-base-300 p-3" role="status">
					{msg.takenBackOnNoneOf({ moment: momentWords(found.takenBackAt) })}
				</p>
			{:else}
				<form
					class="mt-4 grid gap-2 border-t border-base-300 pt-3 @min-[38rem]:grid-cols-[2fr_1fr_auto] @min-[38rem]:items-end"
					method="POST"
					{...actTo('?/back')}
					use:enhance={keepTyped}
				>
					<label class="grid gap-1 text-[0.9375rem]">
						{msg.whyTheWholeListIs()}
						<input
							class="field"
							name="note"
							value={back?.typed.note ?? ''}
							aria-invalid={back?.problems.note ? 'true' : undefined}
							aria-describedby={back ? 'back-problem' : undefined}
						/>
					</label>
					<label class="grid gap-1 text-[0.9375rem]">
						{msg.whoOptional()}
						<input class="field" name="by_name" value={back?.typed.by_name ?? ''} />
					</label>
					<button class="btn">{msg.undoTheList()}</button>
					{#if back}
						<p class="col-span-full font-semibold text-error" id="back-problem" role="alert">
							{Object.values(back.problems).join(' ')}
						</p>
					{/if}
				</form>
			{/if}
		{:else}
			<p class="mt-1 text-[0.9375rem]">
				{msg.rowsSayWhatEachColumn({ rowCount: wholeNumber(found.rowCount) })}
			</p>
			{#if found.sameKeptAt}
				<p class="mt-2 rounded-lg border-2 border-error p-3 text-[0.9375rem]" role="alert">
					<strong>{msg.theVerySameRowsWere({ moment: momentWords(found.sameKeptAt) })}</strong>
					{msg.savedAgainTheyCountTwice()}
				</p>
			{/if}
			<form class="mt-3" method="POST" {...actTo('?/match')} use:enhance={keepTyped}>
				<div class="overflow-x-auto">
					<table class="w-full text-left text-[0.9375rem]">
						<thead>
							<tr>
								{#each data.heads as head, at (at)}
									<th class="px-2 pb-2 align-bottom font-normal" scope="col">
										<label class="grid gap-1">
											<span class="quiet">{head || msg.column({ at: at + 1 })}</span>
											<select
												class="field w-auto max-w-full min-w-32"
												name="column-{at}"
												value={found.matching[at] ?? ''}
												onchange={(event) => event.currentTarget.form?.requestSubmit()}
											>
												<option value="">{msg.leftOut()}</option>
												{#each listFields[found.list] as field (field.field)}
													<option value={field.field}>{field.head}</option>
												{/each}
											</select>
										</label>
									</th>
								{/each}
							</tr>
						</thead>
						<tbody>
							{#each data.shown as cells, row (row)}
								<tr class="border-t border-base-300">
									{#each data.heads as head, at (at)}
										<td
											class="max-w-60 truncate px-2 py-1 {found.matching[at] ? '' : 'quiet'}"
											data-head={head}>{cells[at] ?? ''}</td
										>
									{/each}
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
				<noscript><button class="btn mt-2">{msg.useTheseColumns()}</button></noscript>
			</form>
		{/if}
	</section>

	{#if data.check}
		<section class="sheet p-4" aria-labelledby="check">
			<h2 id="check">
				{#if isGood}{msg.everyRowIsGood()}
				{:else if isAsked && data.check.problemCount + data.check.columnProblems.length === 0}{msg.someAnswersAreNeededFirst()}
				{:else}{msg.nothingIsKeptUntilThese()}
				{/if}
			</h2>
			{#each [...data.check.columnProblems, ...problems] as problem (problem)}
				<p class="mt-2 font-semibold text-error" role="alert">{problem}</p>
			{/each}
			<ListQuestions {found} check={data.check} />
			<ListProblems problems={data.check.problems} count={data.check.problemCount} isWrong />
			<div class="mt-3 flex flex-wrap gap-2">
				{#if isGood}
					<form
						method="POST"
						{...actTo('?/keep')}
						onsubmit={(event) => {
							event.preventDefault();
							if (!progress) void keep();
						}}
					>
						<button class="btn btn-accent" aria-busy={progress !== null}
							>{found.knownRows === 'skip' && data.check.knownCount > 0
								? msg.keepTheOtherRows({ goodCount: wholeNumber(data.check.goodCount) })
								: msg.keepAllRows({ rowCount: wholeNumber(found.rowCount) })}</button
						>
					</form>
				{/if}
				<form method="POST" {...actTo('?/drop')} use:enhance>
					<button class="btn font-normal">{msg.discardTheList()}</button>
				</form>
			</div>
			{#if progress}
				<div class="mt-3" role="status">
					<progress
						class="progress w-full progress-secondary"
						max={progress.all}
						value={progress.done}
						aria-label={msg.rowsSaved()}
					></progress>
					<p class="text-[0.9375rem]">
						{progress.done === 0
							? msg.checkingEveryRowAgain()
							: msg.ofRowsWritten({
									done: wholeNumber(progress.done),
									all: wholeNumber(progress.all)
								})}
					</p>
				</div>
			{/if}
		</section>
	{/if}
</div>
