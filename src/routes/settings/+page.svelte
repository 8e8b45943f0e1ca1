<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import { looks } from '$lib/ui/looks';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const units = [
		{ value: 'cm', label: 'centimetres and grams' },
		{ value: 'ft', label: 'feet and inches, pounds and ounces' }
	];
	const terms = [
		{ value: 'us', label: 'US: single, half double, double' },
		{ value: 'uk', label: 'UK: double, half treble, treble' }
	];
	const papers = [
		{ value: 'a4', label: 'A4' },
		{ value: 'letter', label: 'Letter' }
	];
</script>

<PageTitle />

{#snippet choice(
	label: string,
	name: string,
	value: string,
	options: readonly { value: string; label: string }[],
	none = ''
)}
	<label class="grid gap-1">
		{label}
		<select class="field" {name} {value}>
			{#if none}<option value="">{none}</option>{/if}
			{#each options as option (option.value)}<option value={option.value}>{option.label}</option
				>{/each}
		</select>
	</label>
{/snippet}

<main id="main" class="@container mx-auto grid w-full max-w-2xl gap-5 px-5 py-6">
	<h1>Words, units and look</h1>
	{#if form?.message}<p class="font-semibold text-error" role="alert">{form.message}</p>{/if}
	<form class="sheet grid gap-4 p-6" method="POST" {...actTo('?/words')}>
		<h2>On this device</h2>
		{@render choice('Units', 'lengths', data.own.lengths ?? '', units, 'as the group has them')}
		{@render choice('Stitch names', 'terms', data.own.terms ?? '', terms, 'as the group has them')}
		{@render choice('Paper', 'paper', data.own.paper ?? '', papers, 'as goes with the units')}
		<label class="grid gap-1">
			Look
			<select class="field" name="look" value={data.look}>
				{#each looks as { look, label } (look)}<option value={look}>{label}</option>{/each}
			</select>
		</label>
		<input type="hidden" name="back" value="/settings" />
		<button class="btn btn-accent">Use these here</button>
	</form>
	<nav class="sheet flex flex-wrap gap-x-6 px-6 py-3" aria-label="What else is kept">
		<a class="link-row" href="/people">People and places</a>
		<a class="link-row" {...linkTo('/links')}>Links that open a plan</a>
	</nav>
	{#if data.choices}
		<form class="sheet grid gap-4 p-6" method="POST" {...actTo('?/group')}>
			<h2>For the whole group</h2>
			<p class="quiet">Every device that has not chosen for itself goes by these.</p>
			<label class="grid gap-1">
				What the group is called
				<input
					class="field"
					name="name"
					autocomplete="off"
					value={form?.name ?? data.group.name}
					aria-invalid={form?.nameProblem ? 'true' : undefined}
					aria-describedby={form?.nameProblem ? 'name-problem' : 'name-hint'}
				/>
				{#if form?.nameProblem}
					<span class="font-semibold text-error" id="name-problem">{form.nameProblem}</span>
				{:else}
					<span class="quiet text-[0.9375rem]" id="name-hint"
						>It stands on lists and ask sheets.</span
					>
				{/if}
			</label>
			{@render choice('Units', 'lengths', data.choices.lengthSystem, units)}
			{@render choice('Stitch names', 'terms', data.choices.stitchTerms, terms)}
			<label class="grid gap-1">
				Time zone of the hall
				<select class="field" name="timeZone" value={data.group.timeZone}>
					{#if !data.zones.includes(data.group.timeZone)}
						<option value={data.group.timeZone}>{data.group.timeZone}</option>
					{/if}
					{#each data.zones as zone (zone)}<option value={zone}>{zone.replaceAll('_', ' ')}</option
						>{/each}
				</select>
				<span class="quiet text-[0.9375rem]">A day is the hall’s day, wherever it is typed.</span>
			</label>
			<label class="grid gap-1">
				Language and country whose way of writing numbers you have
				<input
					class="field"
					name="locale"
					value={form?.locale ?? data.group.locale}
					aria-invalid={form?.problem ? 'true' : undefined}
					aria-describedby={form?.problem ? 'locale-problem' : 'locale-hint'}
				/>
				{#if form?.problem}
					<span class="font-semibold text-error" id="locale-problem">{form.problem}</span>
				{:else}
					<span class="quiet text-[0.9375rem]" id="locale-hint">Such as en-GB, pt-PT or de-CH.</span
					>
				{/if}
			</label>
			<label class="grid gap-1"
				>Days that pages stay on a device without network
				<input
					class="field w-24"
					name="offlineDays"
					type="number"
					inputmode="numeric"
					min="1"
					max="60"
					value={data.group.offlineDays}
				/>
			</label>
			<button class="btn">Use these for all</button>
		</form>
	{/if}
	{#if data.isCoordinator}
		<p><a class="link-row" {...linkTo('/removed')}>Removed</a></p>
		<p><a class="link-row" {...linkTo('/trail')}>What was done, by whom</a></p>
	{/if}
</main>
