<script lang="ts">
	import { exerciseScene } from '$lib/core/know-how/exercise-scenes';
	import { exerciseKinds } from '$lib/core/know-how/exercises';
	import {
		answerWords,
		exerciseNames,
		questionWords,
		whyWords
	} from '$lib/stages/know-how/exercise-words';
	import { box } from '$lib/stages/know-how/acts';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { capital } from '$lib/ui/number-words';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { facts, options, answer, isRight, seed, system } = $derived(data);
	const scene = $derived(exerciseScene(facts, answer, box));
	const href = (query: Record<string, string | number>) =>
		`/know-how/practice?${new URLSearchParams(Object.entries({ kind: facts.kind, ...query }).map(([name, value]) => [name, String(value)])).toString()}`;
	const question = $derived(questionWords(facts, system));
</script>

<svelte:head><title>{exerciseNames[facts.kind]} · Nest Row</title></svelte:head>

<main id="main" class="mx-auto w-full max-w-3xl flex-1 px-5 py-4 max-sm:px-4">
	<p><a class="inline-flex min-h-11 link items-center" href="/know-how">Know-how</a></p>
	<h1 class="text-2xl font-bold">{exerciseNames[facts.kind]}</h1>
	<section class="sheet mt-3 grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-label="The question">
		<p class="text-xl">{question}</p>
		{#if scene}<SceneView
				{scene}
				said={answer === null ? 'Drawn as it lies.' : 'Drawn as it comes out.'}
				type={box.type}
				class="w-full max-w-md"
			/>{/if}
		<ul class="flex flex-wrap gap-2" aria-label="Answers">
			{#each options as option (option)}
				<li>
					<a
						class="btn min-w-24 {answer === option ? 'btn-accent' : ''}"
						href={href({ seed, answer: option })}
						aria-current={answer === option}
						data-answer={option}
						data-sveltekit-noscroll
						data-sveltekit-keepfocus
						data-sveltekit-replacestate>{capital(answerWords(facts, option))}</a
					>
				</li>
			{/each}
		</ul>
		<div role="status">
			{#if answer !== null}
				<p class="text-lg" data-right={isRight}>
					<strong>{isRight ? 'Yes.' : 'Not that one.'}</strong>
					{whyWords(facts, answer, system)}
				</p>
			{/if}
		</div>
		{#if answer !== null}
			<p>
				<a class="btn" href={href({ seed: seed + 1 })}
					>{isRight ? 'Another' : 'Another of this kind'}</a
				>
			</p>
		{/if}
	</section>
	<nav class="mt-3 flex flex-wrap gap-x-4" aria-label="What else can be practised">
		{#each exerciseKinds.filter((kind) => kind !== facts.kind) as kind (kind)}
			<a class="inline-flex min-h-11 link items-center" href="/know-how/practice?kind={kind}"
				>{exerciseNames[kind]}</a
			>
		{/each}
	</nav>
</main>
