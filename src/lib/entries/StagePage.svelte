<script lang="ts">
	// The pages of a stage: its parts above them, and what waits on this device.
	import { page } from '$app/state';
	import type { StageNavigation } from '$lib/routes/bar';
	import StageParts from '$lib/ui/StageParts.svelte';
	import type { Snippet } from 'svelte';
	import WaitingList from './WaitingList.svelte';
	import { getOutbox } from './outbox-context';

	interface Props {
		stage: string;
		/** The first word of its addresses. */
		of: string;
		children: Snippet;
	}
	const { stage, of, children }: Props = $props();
	const outbox = getOutbox();
	/** Its parts, the first its own page; none where it has but one. */
	const parts = $derived((page.data.bar as StageNavigation).parts[of] ?? []);
</script>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="sr-only">{stage}</h1>
	{#if parts.length > 0}<StageParts {stage} {parts} />{/if}
	<WaitingList {outbox} />
	{@render children()}
</main>
