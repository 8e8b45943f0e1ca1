<script lang="ts">
	import { KnowHowFaultsPage as say } from '$lib/words/know-how';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { remedySketches } from '$lib/core/check/remedies';
	import { sketchScene } from '$lib/core/drawing/sketch-scene';
	import { techniqueKinds } from '$lib/core/techniques/technique';
	import Remedy from '$lib/stages/check/Remedy.svelte';
	import { capital } from '$lib/ui/number-words';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { techniqueWords } from '$lib/ui/technique-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { technique, signs, seen, mended } = $derived(data);
	const href = (query: Record<string, string>) =>
		`/know-how/faults?${new URLSearchParams({ technique, ...query }).toString()}`;
	const choice =
		'inline-flex min-h-11 items-center rounded-lg px-3 underline underline-offset-3 aria-[current=true]:bg-primary/12 aria-[current=true]:font-semibold aria-[current=true]:text-primary aria-[current=true]:no-underline';
</script>

<PageTitle />

<nav class="flex flex-wrap gap-1" aria-label={say.howItIsMade()}>
	{#each techniqueKinds as kind (kind)}
		<a
			class={choice}
			href="/know-how/faults?technique={kind}"
			aria-current={kind === technique}
			data-sveltekit-keepfocus>{capital(techniqueWords[kind])}</a
		>
	{/each}
</nav>
<section class="sheet mt-3 p-4" aria-labelledby="sign">
	<h2 id="sign">{say.whatDoYouSee()}</h2>
	<ul>
		{#each signs as { id, words } (id)}
			<li>
				<a
					class={choice}
					href={href({ sign: id })}
					aria-current={seen?.id === id}
					data-sign={id}
					data-sveltekit-noscroll
					data-sveltekit-keepfocus>{words}</a
				>
			</li>
		{/each}
	</ul>
</section>
{#if seen && seen.answers.length > 1}
	<section class="sheet mt-3 p-4" aria-labelledby="question">
		<h2 id="question">{seen.question}</h2>
		<ul class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(min(100%,11rem),1fr))] gap-3">
			{#each seen.answers as answer (answer.mended)}
				{@const [sketch] = remedySketches(answer.mended, technique)}
				<li>
					<a
						class="{choice} h-full w-full flex-col items-stretch gap-1 p-1"
						href={href({ sign: seen.id, is: answer.mended })}
						aria-current={mended === answer.mended}
						data-is={answer.mended}
						data-sveltekit-noscroll
						data-sveltekit-keepfocus
					>
						{#if sketch}<span aria-hidden="true"
								><SceneView
									scene={sketchScene(sketch, 200, 13)}
									said=""
									class="w-full rounded border border-base-300 bg-base-100"
								/></span
							>{/if}
						{capital(answer.words)}
					</a>
				</li>
			{/each}
		</ul>
	</section>
{/if}
<div role="status">
	{#if mended}
		<section class="sheet mt-3 p-4" aria-labelledby="remedy">
			<h2 id="remedy">{say.whatToDo()}</h2>
			<Remedy kind={mended} {technique} />
		</section>
	{/if}
</div>
