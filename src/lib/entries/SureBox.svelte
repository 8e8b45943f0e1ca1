<script lang="ts">
	// An odd reading is asked about; the user may say that it is right.
	import type { TypedForm } from './typed-form.svelte';

	const { form, question }: { form: TypedForm; question: string } = $props();
</script>

<div class="rounded-lg border-2 border-error p-3 text-[0.9375rem]" role="alert">
	<p class="font-semibold">{question}</p>
	<label class="flex min-h-11 items-center gap-2">
		<input
			class="checkbox"
			type="checkbox"
			name="sure"
			value="yes"
			checked={form.typed.sure === 'yes'}
			onchange={(event) => (form.typed.sure = event.currentTarget.checked ? 'yes' : '')}
		/>
		It is right as it stands
	</label>
</div>
