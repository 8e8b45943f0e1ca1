<script lang="ts">
	// Two places that are one: one of them is chosen, and the one it is; and the way back.
	import { SamePlaces as say } from '$lib/words/gather';
	import { actTo } from '$lib/ui/offered';
	interface Props {
		places: readonly {
			readonly id: string;
			readonly name: string;
			readonly also: readonly { readonly id: string; readonly name: string }[];
		}[];
		problem: string;
	}
	const { places, problem }: Props = $props();
	const also = $derived(places.flatMap((place) => place.also.map((one) => ({ ...one, place }))));
</script>

{#if places.length > 1 || also.length > 0}
	<details class="mt-2" open={problem !== ''}>
		<summary class="flex min-h-11 cursor-pointer items-center">{say.mergeTwoSources()}</summary>
		{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
		{#each also as { id, name, place } (id)}
			<form
				class="flex flex-wrap items-center gap-3 py-1"
				method="POST"
				{...actTo('?/own')}
				data-also={name}
			>
				<input type="hidden" name="id" value={id} />
				<span class="flex-1">{say.is({ name, name2: place.name })}</span>
				<button class="btn font-normal"
					>{say.undo()}<span class="sr-only">{say.is2({ name, name2: place.name })}</span></button
				>
			</form>
		{/each}
		{#if places.length > 1}
			<form class="flex flex-wrap items-end gap-3" method="POST" {...actTo('?/same')}>
				<label class="grid min-w-0 gap-1"
					>{say.this()}
					<select class="field max-w-full" name="id" required>
						<option value="">{say.choose()}</option>
						{#each places as { id, name } (id)}<option value={id}>{name}</option>{/each}
					</select>
				</label>
				<label class="grid min-w-0 gap-1"
					>{say.isTheSameAs()}
					<select class="field max-w-full" name="as" required>
						<option value="">{say.choose()}</option>
						{#each places as { id, name } (id)}<option value={id}>{name}</option>{/each}
					</select>
				</label>
				<button class="btn">{say.merge()}</button>
			</form>
		{/if}
	</details>
{/if}
