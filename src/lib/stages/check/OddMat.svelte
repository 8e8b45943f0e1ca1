<script lang="ts">
	// A good mat whose bags are far from what was expected: is it so, or were some balls not given by their labels?
	import PressButton from '$lib/stages/making/PressButton.svelte';
	import { wholeNumber } from '$lib/ui/number-words';

	interface Props {
		code: string;
		odd: { readonly bags: number; readonly words: string };
	}
	const { code, odd }: Props = $props();
	const answers = [
		{ value: 'yes', label: 'It is so: let it teach', kept: 'It teaches now.' },
		{ value: 'no', label: 'Leave it out', kept: 'It is left out of the measures.' }
	] as const;
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="odd" data-odd>
	<h3 id="odd" class="text-lg">Did it take {wholeNumber(odd.bags)} bags?</h3>
	<p>
		So the labels of its balls say. {odd.words} Were all its balls given by their labels, and none left
		over? Until that is said, it teaches the measures nothing.
	</p>
	<div class="flex flex-wrap gap-3">
		{#each answers as { value, label, kept } (value)}
			<div>
				<PressButton
					type="teaches"
					mat={code}
					more={{ is_so: value }}
					{label}
					words="whether {code} teaches"
					{kept}
				/>
			</div>
		{/each}
	</div>
</section>
