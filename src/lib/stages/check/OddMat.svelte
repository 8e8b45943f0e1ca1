<script lang="ts">
	// A good mat whose bags are far from what was expected: is it so, or were some balls not given by their labels?
	import { OddMat as msg } from '$lib/words/check';
	import PressButton from '$lib/stages/making/PressButton.svelte';
	import { wholeNumber } from '$lib/ui/number-words';

	interface Props {
		code: string;
		odd: { readonly bags: number; readonly words: string };
	}
	const { code, odd }: Props = $props();
	const answers = [
		{ value: 'yes', label: msg.yesUseIt(), kept: msg.itTeachesNow() },
		{ value: 'no', label: msg.leaveItOut(), kept: msg.itIsNotUsedFor() }
	] as const;
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="odd" data-odd>
	<h3 id="odd" class="text-lg">{msg.didItTakeBags({ bags: wholeNumber(odd.bags) })}</h3>
	<p>
		{msg.soTheLabelsOfIts({ words: odd.words })}
	</p>
	<div class="flex flex-wrap gap-3">
		{#each answers as { value, label, kept } (value)}
			<div>
				<PressButton
					type="teaches"
					mat={code}
					more={{ is_so: value }}
					{label}
					words={msg.whetherTeaches({ code })}
					{kept}
				/>
			</div>
		{/each}
	</div>
</section>
