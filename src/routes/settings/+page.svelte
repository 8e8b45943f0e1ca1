<script lang="ts">
	import { looks } from '$lib/looks';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<svelte:head><title>Words, units and look · Nest Row</title></svelte:head>

<main id="main" class="mx-auto w-full max-w-2xl px-5 py-6">
	<form class="sheet grid gap-4 p-6" method="POST" action="?/words">
		<h1>Words, units and look</h1>
		{#if form?.message}<p class="font-semibold text-error" role="alert">{form.message}</p>{/if}
		<label class="grid gap-1">
			Lengths in
			<select class="field" name="lengths" value={data.group.lengthSystem}>
				<option value="cm">centimetres</option>
				<option value="ft">feet and inches</option>
			</select>
		</label>
		<label class="grid gap-1">
			Stitch names
			<select class="field" name="terms" value={data.group.stitchTerms}>
				<option value="us">US: single, half double, double</option>
				<option value="uk">UK: double, half treble, treble</option>
			</select>
		</label>
		<label class="grid gap-1">
			Look of this device
			<select class="field" name="look" value={data.look}>
				{#each looks as { look, label } (look)}<option value={look}>{label}</option>{/each}
			</select>
		</label>
		<input type="hidden" name="back" value="/settings" />
		<button class="btn btn-accent">Use these</button>
	</form>
</main>
