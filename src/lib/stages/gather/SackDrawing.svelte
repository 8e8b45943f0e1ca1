<script lang="ts">
	// Sacks at the door: one for every hundred and fifty bags begun, at most four drawn.
	const { bags }: { bags: number } = $props();
	const bagsInSack = 150;
	const sacks = $derived(Math.min(4, Math.ceil(bags / bagsInSack)));
</script>

<svg width="70" height="44" viewBox="0 0 70 44" class="shrink-0" aria-hidden="true">
	{#each { length: sacks } as _, nth (nth)}
		<path
			d="M{4 + nth * 13} 41c-4-9-1-18 4-25c-4-5-3-11 1-11h9c4 0 5 6 1 11c5 7 8 16 4 25Z"
			class="fill-base-100 stroke-base-content"
			stroke-width="1.5"
		/>
	{/each}
	{#if sacks === 0}
		<path d="M4 41h60" class="stroke-base-300" stroke-width="2" />
	{/if}
</svg>
