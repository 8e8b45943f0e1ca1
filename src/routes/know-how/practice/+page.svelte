<script lang="ts">
	import { KnowHowPracticePage as msg } from '$lib/words/know-how';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { exerciseScene } from '$lib/core/know-how/exercise-scenes';
	import { addAndSay } from '$lib/entries/add-and-say';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { box } from '$lib/stages/know-how/lessons/lesson';
	import { answerWords, questionWords, exerciseReason } from '$lib/stages/know-how/exercise-words';
	import { exerciseNames } from '$lib/stages/know-how/links/exercise-names';
	import NextActCard from '$lib/stages/know-how/NextActCard.svelte';
	import PractisedList from '$lib/stages/know-how/PractisedList.svelte';
	import type { KindAnswered } from '$lib/stages/know-how/practice-log';
	import { addToLog, nextKind, readLog, repeatsOf } from '$lib/stages/know-how/practice-log';
	import { capital } from '$lib/ui/number-words';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { facts, options, answer, isRight, seed, system, person } = $derived(data);
	const scene = $derived(exerciseScene(facts, answer, box));
	const question = $derived(questionWords(facts, system));
	const outbox = getOutbox();
	/** Answered on this page; of a question its first answer counts. */
	let ahead = $state<KindAnswered[]>([]);
	let said = $state('');
	let next = $state<string | null>(null);
	/** The question that stands unanswered here. */
	let open: string | null = null;
	const href = (query: Record<string, string | number>) =>
		`/know-how/practice?${new URLSearchParams(Object.entries({ kind: facts.kind, ...query }).map(([name, value]) => [name, String(value)])).toString()}`;

	async function count(answered: KindAnswered, given: number): Promise<void> {
		if (person === null) {
			said = addToLog(localStorage, answered) ? '' : msg.thisDeviceKeepsNothingIt();
		} else {
			said = await addAndSay(
				outbox,
				{
					type: 'practised',
					typed: {
						person: person.id,
						kind: answered.kind,
						seed: String(seed),
						answer: String(given)
					},
					words: msg.anAnswerInPractice()
				},
				''
			);
		}
	}
	$effect(() => {
		const [given, right] = [answer, isRight];
		const question = `${facts.kind} ${seed}`;
		// What was answered before this page was opened, or opened again, counts no more.
		if (given === null || right === null) {
			open = question;
			return;
		}
		untrack(() => {
			if (open === question) {
				open = null;
				const answered = { kind: facts.kind, at: Date.now(), isRight: right };
				ahead.push(answered);
				void count(answered, given);
			}
			const log = data.named ? [...data.named, ...ahead] : readLog(localStorage);
			next = nextKind(repeatsOf(log), Date.now(), facts.kind);
		});
	});
</script>

<PageTitle of={exerciseNames[facts.kind]} />

<section class="sheet mt-3 grid grid-cols-[minmax(0,1fr)] gap-3 p-4" aria-label={msg.theQuestion()}>
	<p class="text-xl">{question}</p>
	{#if scene}<SceneView
			{scene}
			said={answer === null ? msg.drawnAsItLies() : msg.drawnAsItComesOut()}
			type={box.type}
			class="w-full max-w-md rounded border border-base-300 bg-base-100"
		/>{/if}
	<ul class="flex flex-wrap gap-2" aria-label={msg.answers()}>
		{#each options as option (option)}
			<li>
				<a
					class="btn h-auto min-h-11 max-w-full min-w-24 shrink py-1 whitespace-normal {answer ===
					option
						? 'btn-accent'
						: ''}"
					href={href({ seed, answer: option })}
					aria-current={answer === option}
					data-answer={option}
					data-sveltekit-noscroll
					data-sveltekit-keepfocus
					data-sveltekit-replacestate>{capital(answerWords(facts, option, system))}</a
				>
			</li>
		{/each}
	</ul>
	<div role="status">
		{#if answer !== null}
			<p class="text-lg" data-right={isRight}>
				<strong>{isRight ? msg.yes() : msg.notThatOne()}</strong>
				{exerciseReason(facts, answer, system)}
			</p>
		{/if}
		{#if said}<p class="font-semibold">{said}</p>{/if}
	</div>
	{#if answer !== null}
		<p class="flex flex-wrap gap-2">
			<a class="btn" href={href({ seed: seed + 1 })}
				>{isRight ? msg.another() : msg.anotherOfThisKind()}</a
			>
			{#if next}<a
					class="btn"
					href="/know-how/practice?kind={next}&seed={(seed * 7 + 13) % 1_000_000}"
					data-next>{msg.whatComesNext()}</a
				>{/if}
		</p>
	{/if}
</section>
{#if person && data.next}
	<div class="mt-3"><NextActCard name={person.name} next={data.next} today={data.today} /></div>
{/if}
<section class="sheet mt-3 p-4" aria-labelledby="practise">
	<h2 id="practise">{msg.practise()}</h2>
	<p class="quiet">
		{person ? msg.savedForItIsDeleted({ name: person.name }) : msg.keptOnThisDeviceAlone()}
	</p>
	<PractisedList named={data.named} {ahead} current={facts.kind} />
	{#if data.names.length > 0}
		<form class="mt-3 flex flex-wrap items-end gap-2" method="GET" data-sveltekit-reload>
			<input type="hidden" name="kind" value={facts.kind} />
			<label class="grid w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 sm:max-w-xs">
				{msg.whereToSave()}
				<select class="field w-full min-w-0" name="as">
					<option value="device" selected={person === null}>{msg.onThisDeviceAlone()}</option>
					{#each data.names as { id, name } (id)}
						<option value={id} selected={person?.id === id}>{msg.under({ name })}</option>
					{/each}
				</select>
			</label>
			<button class="btn">{msg.save()}</button>
		</form>
	{/if}
</section>
