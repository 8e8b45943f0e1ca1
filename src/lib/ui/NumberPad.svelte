<script lang="ts">
	// Digits under the thumb, for one number. A keyboard types in its field as ever.
	import { NumberPad as say } from '$lib/words/common';
	import Delete from '@lucide/svelte/icons/delete';

	interface Props {
		/** What the digits make. */
		label: string;
		text: string;
		onchange: (text: string) => void;
		/** As many digits at most. */
		most?: number;
	}
	const { label, text, onchange, most = 6 }: Props = $props();
	const digits = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
	const press = (digit: string) => {
		const next = (text + digit).replace(/^0+(?=\d)/, '');
		if (next.length <= most) onchange(next);
	};
	const look = 'btn figure h-full min-h-11 border-0 text-xl touch-manipulation';
</script>

<div class="needs-scripts grid grid-cols-3 gap-2" role="group" aria-label={label}>
	{#each digits as digit (digit)}
		<button type="button" class={look} onclick={() => press(digit)}>{digit}</button>
	{/each}
	<button type="button" class={look} aria-label={say.empty()} onclick={() => onchange('')}>C</button
	>
	<button type="button" class={look} onclick={() => press('0')}>0</button>
	<button
		type="button"
		class={look}
		aria-label={say.lastDigitAway()}
		onclick={() => onchange(text.slice(0, -1))}><Delete class="size-5" /></button
	>
</div>
