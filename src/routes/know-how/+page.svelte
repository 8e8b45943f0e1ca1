<script lang="ts">
	import { exerciseKinds } from '$lib/core/know-how/exercises';
	import { actNames, acts } from '$lib/stages/know-how/acts';
	import { exerciseNames } from '$lib/stages/know-how/exercise-words';
	import { terms } from '$lib/ui/terms';
</script>

<svelte:head><title>Know-how · Nest Row</title></svelte:head>

<main id="main" class="@container mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="text-2xl font-bold">Know-how</h1>
	<div class="mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[56rem]:grid-cols-2">
		<section class="sheet p-4" aria-labelledby="acts">
			<h2 id="acts">How it is done</h2>
			<ul>
				{#each actNames as name (name)}
					<li class="border-t border-base-300 py-2 first:border-t-0">
						<a class="inline-flex min-h-11 link items-center text-lg" href="/know-how/{name}"
							>{acts[name].title}</a
						>
						<p class="quiet">{acts[name].when}</p>
					</li>
				{/each}
			</ul>
			<p class="border-t border-base-300 pt-2">
				<a class="inline-flex min-h-11 link items-center text-lg" href="/know-how/faults"
					>What is wrong with this mat?</a
				>
				<span class="quiet block">From what one sees to what is done about it, drawn.</span>
			</p>
		</section>
		<section class="sheet p-4" aria-labelledby="practice">
			<h2 id="practice">Practise</h2>
			<p class="quiet">A question at a time, as often as you like. Nobody counts.</p>
			<ul>
				{#each exerciseKinds as kind (kind)}
					<li class="border-t border-base-300 first:border-t-0">
						<a class="inline-flex min-h-11 link items-center" href="/know-how/practice?kind={kind}"
							>{exerciseNames[kind]}</a
						>
					</li>
				{/each}
			</ul>
		</section>
		<section class="sheet p-4" aria-labelledby="words">
			<h2 id="words">Words</h2>
			<dl>
				{#each Object.values(terms) as { word, means } (word)}
					<dt class="mt-2 font-semibold">{word}</dt>
					<dd class="break-words">{means}</dd>
				{/each}
			</dl>
		</section>
	</div>
</main>
