<script lang="ts">
	// The plan's name, ways to hand it on, and what became of work that was not kept.
	import { PlanHead as say } from '$lib/words/plan';
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import Link from '@lucide/svelte/icons/link';
	import { linkTo } from '$lib/ui/offered';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { Unkept } from '$lib/stages/plan/bench/unkept.svelte';
	import { planToWord } from '$lib/stages/plan/document/plan-link';
	import type { Snippet } from 'svelte';

	interface Props {
		bench: Bench;
		unkept: Unkept;
		nameProblem?: string | undefined;
		keptAs?: number | null | undefined;
		areKeysShown: boolean;
		onkeys: () => void;
		links?: Snippet | undefined;
	}
	const { bench, unkept, nameProblem, keptAs, areKeysShown, onkeys, links }: Props = $props();
	const isJustKept = $derived(Boolean(keptAs) && unkept.isAsFirst);

	let linkSaid = $state('');
	async function copyLink() {
		const address = new URL('/plan', location.href);
		address.searchParams.set('p', planToWord(bench.plan));
		address.searchParams.set('step', bench.openStep);
		if (unkept.name.trim()) address.searchParams.set('name', unkept.name.trim());
		try {
			await navigator.clipboard.writeText(address.href);
			linkSaid = say.linkCopied();
		} catch {
			history.replaceState(history.state, '', address);
			linkSaid = say.theLinkIsInThe();
		}
	}
</script>

<div class="flex flex-wrap items-start gap-x-3 gap-y-2">
	<div class="min-w-0 flex-1 basis-60">
		<label class="sr-only" for="name">{say.nameOfThePlan()}</label>
		<input
			class="field figure text-lg font-bold"
			id="name"
			name="name"
			bind:value={unkept.name}
			placeholder={say.nameThisPlanToKeep()}
			autocomplete="off"
			aria-invalid={nameProblem ? 'true' : undefined}
			aria-describedby={nameProblem ? 'name-problem' : undefined}
		/>
		{#if nameProblem}
			<p class="mt-1 text-[0.9375rem] font-semibold text-error" id="name-problem">{nameProblem}</p>
		{/if}
	</div>
	<div class="no-print flex flex-wrap items-center gap-1">
		<button
			type="button"
			class="btn btn-square btn-ghost"
			onclick={copyLink}
			aria-label={say.copyALinkToThis()}
			title={say.copyLink()}><Link class="size-5" /></button
		>
		<button
			type="button"
			class="btn btn-square btn-ghost @max-[38rem]:hidden"
			aria-expanded={areKeysShown}
			onclick={onkeys}
			aria-label={say.keys()}
			title={say.keys2()}><Keyboard class="size-5" /></button
		>
		{@render links?.()}
	</div>
</div>
{#if unkept.isBroughtBack || linkSaid || isJustKept}
	<div class="no-print flex flex-wrap items-center gap-x-4 text-[0.9375rem]">
		{#if isJustKept}
			<span role="status" class="font-semibold text-secondary"
				>{say.savedVersion({ keptAs: keptAs ?? '' })}</span
			>
			<a class="link-row" {...linkTo('/gather/asks')}>{say.askForBags()}</a>
			<a class="link-row" href="/make#begin">{say.startAMat()}</a>
		{/if}
		{#if unkept.isBroughtBack}
			<span role="status">{say.yourUnsavedChangesAreBack()}</span>
			<button type="button" class="link-row" onclick={() => unkept.startOver()}
				>{say.startOver()}</button
			>
		{/if}
		{#if linkSaid}<span role="status">{linkSaid}</span>{/if}
	</div>
{/if}
