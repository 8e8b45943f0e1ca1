<script lang="ts">
	// An odd reading is asked about; the user may say that it is right.
	import { SureBox as msg } from '$lib/words/common';
	import EntryCheck from './EntryCheck.svelte';
	import type { TypedForm } from './typed-form.svelte';

	const { form, question }: { form: TypedForm; question: string } = $props();
</script>

<div class="rounded-lg border-2 border-error p-3 text-[0.9375rem]" role="alert">
	<p class="font-semibold">{question}</p>
	<EntryCheck {form} field="sure" label={msg.itIsRightAsIt()} />
</div>
