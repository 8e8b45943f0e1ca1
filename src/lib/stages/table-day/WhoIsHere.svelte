<script lang="ts">
	// Who came and who left: said with one tap, at whichever tablet is nearest.
	import { WhoIsHere as msg } from '$lib/words/table-day';
	import type { EntryActions } from '$lib/stages/prepare/trestle.svelte';
	import { clockWords } from './clock';
	import type { NamedPerson, StationDay } from './station-view';
	import { isThere } from './there';

	interface Props {
		/** With what was said here and is not read yet. */
		day: Pick<StationDay, 'id' | 'from' | 'people'>;
		others: readonly { readonly id: string; readonly name: string }[];
		/** The minute of the day in the hall when the page was read. */
		minute: number;
		trestle: EntryActions;
	}
	const { day, others, minute, trestle }: Props = $props();
	const readAt = $derived([minute, performance.now()] as const);
	/** The hall's clock goes on while the page stands. */
	const minuteNow = () =>
		Math.min(1440, Math.floor(readAt[0] + (performance.now() - readAt[1]) / 60_000));
	const here = $derived(day.people.filter((person) => isThere(person, minute)).length);
	let other = $state('');
	const strangers = $derived(others.filter(({ id }) => !day.people.some((one) => one.id === id)));

	const say = (
		person: { readonly id: string; readonly name: string },
		as: 'came' | 'left',
		at = minuteNow()
	) =>
		trestle.act({
			type: 'presence',
			typed: { day: day.id, person: person.id, as, minute: String(at) },
			words: `${person.name} ${as === 'came' ? msg.isHere() : msg.isNotHereAnyMore()}`
		});
	const last = (person: NamedPerson) => person.comings.at(-1);
	function words(person: NamedPerson): string {
		const said = last(person);
		if (!said) return msg.saidTheyCome();
		if (said.as === 'came') return msg.hereSince({ clock: clockWords(said.minute) });
		return person.comings.length === 1 && said.minute <= day.from
			? msg.notHereToday()
			: msg.leftAt({ clock: clockWords(said.minute) });
	}
</script>

<details class="sheet px-4 py-1 open:pb-4" data-here>
	<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
		>{msg.whoIsHereOf({ here, length: day.people.length })}</summary
	>
	<ul class="grid grid-cols-[minmax(0,1fr)]">
		{#each day.people as person (person.id)}
			{@const said = last(person)}
			<li class="flex flex-wrap items-center gap-2 border-b border-base-300 py-1">
				<span class="min-w-40 flex-1"
					><strong>{person.name}</strong> <span class="quiet">{words(person)}</span></span
				>
				{#if said?.as !== 'came'}
					<button
						class="btn"
						onclick={() => void say(person, 'came')}
						aria-label={msg.came({ name: person.name })}
						>{said ? msg.backAgain() : msg.came2()}</button
					>
				{/if}
				{#if said?.as !== 'left'}
					<button
						class="btn"
						onclick={() => void say(person, 'left')}
						aria-label={msg.left({ name: person.name })}>{msg.left2()}</button
					>
				{/if}
				{#if !said}
					<button
						class="btn"
						onclick={() => void say(person, 'left', 0)}
						aria-label={msg.isNotComing({ name: person.name })}>{msg.notComing()}</button
					>
				{/if}
				{#if said?.id}
					<button
						class="btn btn-ghost"
						onclick={() => void trestle.takeBack(said.id ?? 0, `${person.name}, ${words(person)}`)}
						aria-label={msg.undoFor({ name: person.name })}>{msg.undo()}</button
					>
				{/if}
			</li>
		{/each}
	</ul>
	{#if strangers.length > 0}
		<div class="mt-2 flex flex-wrap items-end gap-2">
			<label class="grid min-w-0 gap-1"
				>{msg.someoneElse()}
				<select class="field max-w-full" bind:value={other}>
					<option value="">{msg.choose()}</option>
					{#each strangers as { id, name } (id)}<option value={id}>{name}</option>{/each}
				</select>
			</label>
			<button
				class="btn"
				disabled={other === ''}
				onclick={() => {
					const person = strangers.find(({ id }) => id === other);
					if (person) void say(person, 'came');
					other = '';
				}}>{msg.add()}</button
			>
		</div>
	{/if}
</details>
