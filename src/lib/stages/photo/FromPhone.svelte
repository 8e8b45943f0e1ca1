<script lang="ts">
	// A phone hands its picture to this device: a code to scan, and waiting until it came.
	import { PhotoPage as say } from '$lib/words/photo';
	import type { Scene } from '$lib/core/drawing/scene';
	import MadeLink from '$lib/ui/MadeLink.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { actTo } from '$lib/ui/offered';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { enhance } from '$app/forms';

	interface Props {
		pageKey: string;
		link: { readonly id: string; readonly address: string; readonly square: Scene } | null;
		isOnlyHere: boolean;
		onpicture: (picture: Blob) => void;
	}
	const { pageKey, link, isOnlyHere, onpicture }: Props = $props();
	let madeKey = $state<string | null>(null);
	const key = $derived(madeKey ?? pageKey);
	/** The link whose picture came. */
	let came = $state<string | null>(null);
	const act = $derived(actTo('?/link'));
	/** So often it is asked whether the picture came, ms. */
	const everyMs = 2000;

	$effect(() => {
		const id = link?.id;
		if (!id || came === id) return;
		const timer = setInterval(() => {
			void fetch('/photo/handed', { method: 'POST', body: id })
				.then(async (answer) => {
					if (answer.status !== 200) return;
					clearInterval(timer);
					came = id;
					onpicture(await answer.blob());
				})
				.catch(() => {});
		}, everyMs);
		return () => clearInterval(timer);
	});
</script>

{#if !act.hidden}
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="from-phone">
		<h2 id="from-phone" class="text-lg">{say.fromAPhone()}</h2>
		{#if link && came !== link.id}
			<p>{say.scanIt()}</p>
			<div class="max-w-56 bg-white p-2"><SceneView scene={link.square} said={link.address} /></div>
			<MadeLink address={link.address} {isOnlyHere} />
			<p role="status">{say.waitingForThePhone()}</p>
		{:else}
			{#if came}<p role="status" data-came>{say.cameFromThePhone()}</p>{/if}
			<form
				method="POST"
				{...actTo('?/link')}
				use:enhance={() =>
					async ({ update }) => {
						await update({ reset: false, invalidateAll: false });
						madeKey = newKey();
					}}
			>
				<input type="hidden" name="key" value={key} />
				<button class="btn">{say.getACode()}</button>
			</form>
		{/if}
	</section>
{/if}
