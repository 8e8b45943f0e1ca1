<script lang="ts">
	// Units and stitch names of this device, each changed by a press.
	import { UnitsForm as say } from '$lib/words/common';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { actTo } from '$lib/ui/offered';
	import type { SubmitFunction } from '@sveltejs/kit';
	import type { Reader } from './reader';

	const { group }: { group: Reader } = $props();
	/** What is typed on the page stays; only the words around it change. */
	const stayHere: SubmitFunction =
		() =>
		async ({ result, update }) => {
			if (result.type === 'redirect') await invalidateAll();
			else await update({ reset: false });
		};
	const isCm = $derived(group.lengthSystem === 'cm');
	const isUs = $derived(group.stitchTerms === 'us');
	const chosen = (is: boolean) => (is ? 'font-bold underline' : '');
</script>

<form
	class="flex flex-wrap items-center gap-x-6 gap-y-2"
	method="POST"
	{...actTo('/settings?/words')}
	use:enhance={stayHere}
>
	<input type="hidden" name="back" value={page.url.pathname} />
	<span class="flex items-center gap-2">
		{say.units()}
		<button
			class="btn font-normal"
			name="lengths"
			value={isCm ? 'ft' : 'cm'}
			aria-label={isCm ? say.centimetresChangeToFeetAnd() : say.feetAndInchesChangeTo()}
		>
			<span class={chosen(isCm)}>{say.cm()}</span>·<span class={chosen(!isCm)}>{say.ft()}</span>
		</button>
	</span>
	<span class="flex items-center gap-2">
		{say.stitchNames()}
		<button
			class="btn font-normal"
			name="terms"
			value={isUs ? 'uk' : 'us'}
			aria-label={isUs ? say.usStitchNamesChangeTo() : say.ukStitchNamesChangeTo()}
		>
			<span class={chosen(isUs)}>{say.us()}</span>·<span class={chosen(!isUs)}>{say.uk()}</span>
		</button>
	</span>
</form>
