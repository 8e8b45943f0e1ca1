<script lang="ts">
	// A picture is kept only where somebody says so; and those that are kept can be removed.
	import { PhotoPage as say } from '$lib/words/photo';
	import type { Subject } from '$lib/core/photo/measured';
	import { momentWords } from '$lib/ui/day-words';
	import { queryOf } from '$lib/ui/query';
	import { newKey } from '$lib/ui/new-key';
	import { actTo, pressOf } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import type { PhotoBench } from './photo-bench.svelte';
	import { subjectWords } from './photo-words';

	interface Props {
		pictures: readonly { readonly id: string; readonly subject: Subject; readonly keptAt: Date }[];
		most: number;
		bench: PhotoBench;
		of: Subject;
	}
	const { pictures, most, bench, of }: Props = $props();
	let kept = $state.raw<{ file: Blob; key: string; is: boolean } | null>(null);
	let said = $state('');

	async function keep(): Promise<void> {
		const { file } = bench;
		if (!file) return;
		// The same picture pressed again is the same one.
		if (kept?.file !== file) kept = { file, key: newKey(), is: false };
		const { key } = kept;
		said = '';
		const answer = await fetch(`/photo/kept?${queryOf({ of, key })}`, {
			method: 'POST',
			body: file
		}).catch(() => null);
		const told = (await answer?.json().catch(() => null)) as { message?: string } | null;
		if (answer?.ok) {
			kept = { file, key, is: true };
			said = say.kept();
			await invalidateAll();
		} else said = told?.message ?? say.notKept();
	}
</script>

{#if bench.measured || pictures.length > 0}
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" data-kept-pictures>
		{#if bench.measured}
			<p class="quiet text-[0.9375rem]">{say.isNotKept()}</p>
			<p class="flex flex-wrap items-center gap-3">
				<button
					type="button"
					class="btn font-normal"
					{...pressOf('?/remove')}
					disabled={kept?.is && kept.file === bench.file}
					onclick={() => void keep()}>{say.keepThePhoto()}</button
				>
				<span role="status">{said}</span>
			</p>
		{/if}
		{#if pictures.length > 0}
			<h2 class="text-lg">{say.keptPictures()}</h2>
			<ul class="grid gap-2">
				{#each pictures as { id, subject, keptAt } (id)}
					<li
						class="flex flex-wrap items-center gap-3 border-t border-base-300 pt-2"
						data-picture={id}
					>
						<img
							class="h-16 w-20 rounded object-cover"
							src="/photo/kept/{id}.jpg"
							alt=""
							loading="lazy"
						/>
						<span class="min-w-0 flex-1">{subjectWords[subject]}, {momentWords(keptAt)}</span>
						<form method="POST" {...actTo('?/remove')} use:enhance>
							<input type="hidden" name="key" value={id} />
							<button class="btn font-normal">{say.remove()}</button>
						</form>
					</li>
				{/each}
			</ul>
			<p class="quiet text-[0.9375rem]">{say.oldestGoes({ most })}</p>
		{/if}
	</section>
{/if}
