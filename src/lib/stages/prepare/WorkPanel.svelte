<script lang="ts">
	// What the table works for: the plan that is cut by, for warp or weft, and how much is spoiled today.
	import type { PieceUse } from '$lib/core/prepare/cuts-of-plan';
	import { goto } from '$app/navigation';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import { farWords } from './far-words';
	import type { TablePlan } from './table-view';

	interface Props {
		plans: readonly Pick<TablePlan, 'id' | 'name' | 'matsWanted'>[];
		plan: TablePlan | null;
		use: PieceUse;
		spoiled: string;
		isSpoiledSaid: boolean;
		onspoiled: (spoiled: string) => void;
	}
	const { plans, plan, use, spoiled, isSpoiledSaid, onspoiled }: Props = $props();
	const far = $derived(plan && farWords(plan));
	const isGood = $derived(/^\d+([.,]\d+)?$/.test(spoiled.trim()) && parseFloat(spoiled) <= 90);
	async function choose(event: Event & { currentTarget: HTMLSelectElement }) {
		const form = event.currentTarget.form;
		if (!form) return;
		const chosen = new FormData(form);
		const query = new URLSearchParams({
			plan: String(chosen.get('plan') ?? ''),
			...(chosen.has('use') ? { use: String(chosen.get('use')) } : {})
		});
		await goto(`?${query.toString()}`, { noScroll: true, keepFocus: true });
	}
</script>

<section class="sheet grid gap-3 p-4" aria-labelledby="work-for">
	<h2 id="work-for">Working for</h2>
	{#if plans.length === 0}
		<p>
			No plan is kept yet, so nobody can say how wide to cut.
			<a class="link" href="/plan">Keep a plan first</a>.
		</p>
	{:else}
		<form class="grid gap-3" data-sveltekit-noscroll data-sveltekit-keepfocus>
			<FieldFrame id="table-plan" label="Cut and joined for">
				{#snippet children(described)}
					<select
						class="field"
						id="table-plan"
						name="plan"
						value={plan?.id}
						onchange={choose}
						{...described}
					>
						{#each plans as { id, name, matsWanted } (id)}
							<option value={id}>{name}{matsWanted > 0 ? `: ${matsWanted} wanted` : ''}</option>
						{/each}
					</select>
				{/snippet}
			</FieldFrame>
			{#if plan && plan.uses.length > 1}
				<FieldFrame id="table-use" label="Cut as">
					{#snippet children(described)}
						<select
							class="field"
							id="table-use"
							name="use"
							value={use}
							onchange={choose}
							{...described}
						>
							{#each plan.uses as one (one)}<option value={one}>{one}</option>{/each}
						</select>
					{/snippet}
				</FieldFrame>
			{/if}
			<noscript><button class="btn">Work for this</button></noscript>
		</form>
		<label class="grid gap-1">
			Spoiled today, of a hundred pieces cut
			<input
				class="field"
				name="spoiled"
				inputmode="decimal"
				autocomplete="off"
				value={spoiled}
				aria-invalid={isGood ? undefined : 'true'}
				aria-describedby="spoiled-why"
				oninput={(event) => onspoiled(event.currentTarget.value)}
			/>
			<span class="quiet text-sm" id="spoiled-why">
				{#if !isGood}<span class="font-semibold text-error">A number from 0 to 90.</span>
				{:else if isSpoiledSaid}As it was said today.
				{:else}Asked once: it stands for the day.{/if}
			</span>
		</label>
		{#if far}<p class="font-semibold" data-far>{far}</p>{/if}
	{/if}
	<Caution>
		Blades are for trained adults, away from the body, closed when put down. Children and unsteady
		hands get blunt scissors or another seat. Bag scraps at once, away from small children. Gloves
		or washed hands; a break every three quarters of an hour.
	</Caution>
</section>
