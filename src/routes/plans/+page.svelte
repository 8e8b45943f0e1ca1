<script lang="ts">
	import { PlansPage as say } from '$lib/words/plan';
	import { listWords } from '$lib/ui/list-words';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import type { TallyName } from '$lib/core/estimate/estimate';
	import { basisWords } from '$lib/ui/basis-words';
	import { intervalWords, tallyUnit, tallyValue } from '$lib/stages/plan/words/tally-words';
	import { largestPlanFile } from '$lib/stages/plan/document/file-size';
	import { fileProblemWords } from '$lib/stages/plan/words/problem-words';
	import { formatLength } from '$lib/core/units/format-length';
	import { methodWords } from '$lib/stages/plan/words/method-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import type { SubmitFunction } from '@sveltejs/kit';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	let tooLarge = $state<string | null>(null);
	const fileProblems = $derived(
		tooLarge ? [tooLarge] : (form && 'fileProblems' in form && form.fileProblems) || []
	);
	const renaming = $derived(form?.rename);
	const hanging = $derived(form?.hanging);
	const several = (count: number, one: string, many: string) =>
		`${count} ${count === 1 ? one : many}`;
	const system = $derived(data.group.lengthSystem);

	/** A menu is done with once its act was: it stays open where something was refused. */
	const closing: SubmitFunction =
		({ formElement }) =>
		async ({ result, update }) => {
			await update();
			const isAsked = result.type === 'failure' && Boolean(result.data?.['hanging']);
			if (result.type !== 'failure' || isAsked)
				formElement.closest<HTMLElement>('[popover]')?.hidePopover();
		};

	/** A file no plan could be is refused before it is sent. */
	const measure = (file: File | undefined) => {
		const isTooLarge = file !== undefined && file.size > largestPlanFile;
		tooLarge = isTooLarge
			? fileProblemWords(
					{ code: 'file-too-large', status: 413, bytes: file.size },
					data.group.lengthSystem
				)
			: null;
	};
</script>

<StagePage>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<div class="flex flex-wrap items-center gap-4">
			<div class="flex-1">
				<p class="quiet">
					{say.figuresOfToday({ name: data.group.name, basis: basisWords(data.basis) })}
				</p>
				<p>
					<a class="inline-flex min-h-11 link items-center" {...linkTo('/removed')}
						>{say.removed()}</a
					>
				</p>
			</div>
			<a class="btn text-base btn-accent" href="/plan">{say.planAMat()}</a>
		</div>

		{#if form?.message}
			<p class="rounded-lg border-2 border-error bg-base-100 px-4 py-3 font-semibold" role="alert">
				{form.message}
			</p>
		{/if}
		{#if hanging}
			<form
				class="sheet grid gap-2 border-2 border-error p-4"
				method="POST"
				{...actTo('?/delete')}
				use:enhance
				data-hanging
			>
				<h2>{say.remove({ name: hanging.name })}</h2>
				<ul class="list-disc pl-5">
					{#if hanging.begun > 0}<li data-hangs="begun">
							{say.beingMadeByItThey({
								several: several(hanging.begun, say.matIs(), say.matsAre())
							})}
						</li>{/if}
					{#if hanging.wanted > 0}<li data-hangs="wanted">
							{say.wantedOfItTheyStay({
								several: several(hanging.wanted, say.matIs(), say.matsAre())
							})}
						</li>{/if}
					{#if hanging.forAsks > 0}<li data-hangs="asks">
							{say.asksWouldBe({
								several: several(hanging.forAsks, say.matIs(), say.matsAre()),
								places: listWords(hanging.places)
							})}
						</li>{/if}
					{#if hanging.days > 0}<li data-hangs="days">
							{say.forItChooseAnotherPlan({
								several: several(hanging.days, say.tableDayWorks(), say.tableDaysWork())
							})}
						</li>{/if}
				</ul>
				<input type="hidden" name="id" value={hanging.id} />
				<input type="hidden" name="sure" value="yes" />
				<div class="flex flex-wrap gap-3">
					<button class="btn">{say.remove2()}</button>
					<a class="btn btn-ghost" href="/plans">{say.cancel()}</a>
				</div>
			</form>
		{/if}
		{#if data.deleted}
			<form
				class="sheet flex flex-wrap items-center gap-3 px-4 py-2"
				method="POST"
				{...actTo('?/restore')}
				use:enhance
			>
				<p class="flex-1" role="status">{say.wasDeleted({ name: data.deleted.name })}</p>
				<input type="hidden" name="id" value={data.deleted.id} />
				<button class="btn">{say.undo()}</button>
			</form>
		{/if}

		{#if data.plans.length === 0 && data.page === 0}
			<div class="sheet grid justify-items-start gap-3 p-6">
				<h2>{say.noPlanIsKeptYet()}</h2>
				<p>
					{say.chooseASizeAndA()}
				</p>
				<a class="btn btn-accent" href="/plan">{say.planTheFirstMat()}</a>
			</div>
		{:else}
			<div class="sheet overflow-hidden">
				<table class="w-full text-left">
					<thead class="border-b border-base-300 @max-[45rem]:sr-only">
						<tr class="quiet text-[0.9375rem]">
							<th class="px-4 py-2 font-normal" scope="col">{say.plan()}</th>
							<th class="px-3 py-2 text-right font-normal" scope="col">{say.bagsToCollect()}</th>
							<th class="px-3 py-2 text-right font-normal" scope="col">{say.yarn()}</th>
							<th class="px-3 py-2 text-right font-normal" scope="col">{say.hours()}</th>
							<th class="px-3 py-2 text-right font-normal" scope="col">{say.weight()}</th>
							<th class="px-3 py-2 font-normal" scope="col">{say.saved()}</th>
							<th class="px-3 py-2 font-normal" scope="col"
								><span class="sr-only">{say.actions()}</span></th
							>
						</tr>
					</thead>
					<tbody>
						{#each data.plans as plan (plan.id)}
							{@const { now, figures } = plan}
							{@const shown = (name: TallyName) => tallyValue(now, name, system)}
							{@const unit = (name: TallyName) => tallyUnit(name, system).unit}
							{@const made = methodWords(plan.method, system, data.group.stitchTerms)}
							{@const was = tallyValue(figures, 'toCollect', system)}
							<tr
								class="border-b border-base-300 last:border-b-0 @max-[45rem]:grid @max-[45rem]:grid-cols-2 @max-[45rem]:px-4 @max-[45rem]:py-2"
								data-plan={plan.name}
							>
								<th class="px-4 py-1 @max-[45rem]:col-span-2 @max-[45rem]:px-0" scope="row">
									<a class="link-row figure text-lg font-semibold" href="/plan/{plan.id}"
										>{plan.name}</a
									>
									<span class="quiet block text-sm font-normal" data-made
										>{made.made}; {made.cut}; {formatLength(
											plan.method.target.widthMm,
											system,
											'mat'
										)} ×
										{formatLength(plan.method.target.lengthMm, system, 'mat')}</span
									>
								</th>
								<td class="figure px-3 py-1 @max-[45rem]:px-0 @min-[45rem]:text-right">
									{shown('toCollect')}<span class="@min-[45rem]:hidden"> {say.bags()}</span>
									<span class="quiet block text-sm"
										>{intervalWords(
											now.toCollect,
											'toCollect',
											system
										)}{#if was !== shown('toCollect')},
											<span data-then>{say.whenSaved({ was })}</span>{/if}</span
									>
								</td>
								<td class="figure px-3 py-1 @max-[45rem]:px-0 @min-[45rem]:text-right"
									>{shown('strandM')} {unit('strandM')}</td
								>
								<td class="figure px-3 py-1 @max-[45rem]:px-0 @min-[45rem]:text-right">
									{shown('hours')} h
									<span class="quiet block text-sm"
										>{intervalWords(now.hours, 'hours', system)}</span
									>
								</td>
								<td class="figure px-3 py-1 @max-[45rem]:px-0 @min-[45rem]:text-right"
									>{shown('matKg')} {unit('matKg')}</td
								>
								<td class="quiet px-3 py-1 text-[0.9375rem] @max-[45rem]:px-0"
									>{say.version({
										yearDay: yearDayWords(plan.updatedAt),
										version: plan.version
									})}</td
								>
								<td class="px-3 py-1 @max-[45rem]:col-span-2 @max-[45rem]:px-0">
									<div>
										<button
											type="button"
											class="btn btn-ghost font-normal"
											popovertarget="change-{plan.id}"
											><span>{say.change()}</span> <span class="sr-only">{plan.name}</span></button
										>
										<div
											class="menu-sheet sheet w-80 max-w-[calc(100vw-2rem)] gap-3 p-4 shadow-lg"
											id="change-{plan.id}"
											popover="auto"
											role="dialog"
											aria-label={say.change2({ name: plan.name })}
											{@attach (menu) => {
												if (renaming?.id === plan.id) menu.showPopover();
											}}
										>
											<form
												class="grid gap-2"
												method="POST"
												{...actTo('?/rename')}
												use:enhance={closing}
											>
												<input type="hidden" name="id" value={plan.id} />
												<label class="grid gap-1 text-[0.9375rem]">
													{say.newName()}
													<input
														class="field"
														name="name"
														autocomplete="off"
														value={renaming?.id === plan.id ? renaming.typed : plan.name}
														aria-invalid={renaming?.id === plan.id ? 'true' : undefined}
													/>
												</label>
												{#if renaming?.id === plan.id}
													<p class="text-[0.9375rem] font-semibold text-error" role="alert">
														{renaming.problem}
													</p>
												{/if}
												<button class="btn">{say.rename()}</button>
											</form>
											<form method="POST" {...actTo('?/duplicate')} use:enhance={closing}>
												<input type="hidden" name="id" value={plan.id} />
												<input type="hidden" name="key" value={data.key} />
												<button class="btn w-full">{say.duplicate()}</button>
											</form>
											<a class="btn" href="/plan/{plan.id}/file" download>{say.saveAsAFile()}</a>
											<form method="POST" {...actTo('/links?/make')}>
												<input type="hidden" name="plan" value={plan.id} />
												<input type="hidden" name="key" value={data.key} />
												<button class="btn w-full">{say.createALinkToIt()}</button>
											</form>
											<form method="POST" {...actTo('?/delete')} use:enhance={closing}>
												<input type="hidden" name="id" value={plan.id} />
												<button class="btn w-full">{say.delete()}</button>
											</form>
										</div>
									</div>
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
			{#if data.page > 0 || data.hasMore}
				<nav class="flex gap-4" aria-label={say.morePlans()}>
					{#if data.page > 0}<a class="link-row" href="/plans?page={data.page - 1}"
							>{say.newerPlans()}</a
						>{/if}
					{#if data.hasMore}<a class="link-row" href="/plans?page={data.page + 1}"
							>{say.olderPlans()}</a
						>{/if}
				</nav>
			{/if}
		{/if}

		<form
			class="sheet grid gap-3 p-4 @min-[38rem]:grid-cols-[1fr_auto] @min-[38rem]:items-end"
			method="POST"
			{...actTo('?/read')}
			enctype="multipart/form-data"
			use:enhance={({ cancel }) => {
				if (tooLarge) cancel();
			}}
		>
			<input type="hidden" name="key" value={data.key} />
			<label class="grid gap-1" for="plan-file">
				<span class="figure font-semibold">{say.openAPlanFile()}</span>
				<input
					class="field py-2 file:mr-3 file:rounded-md file:border-0 file:bg-base-200 file:px-3 file:py-1"
					id="plan-file"
					type="file"
					name="file"
					accept=".json,application/json"
					onchange={(event) => measure(event.currentTarget.files?.[0])}
					aria-invalid={fileProblems.length > 0 ? 'true' : undefined}
					aria-describedby={fileProblems.length > 0 ? 'file-problems' : undefined}
				/>
			</label>
			<button class="btn">{say.openAndSave()}</button>
			{#if fileProblems.length > 0}
				<ul
					class="font-semibold text-error @min-[38rem]:col-span-2"
					id="file-problems"
					role="alert"
				>
					{#each fileProblems as problem (problem)}<li>{problem}</li>{/each}
				</ul>
			{/if}
		</form>
	</div>
</StagePage>
