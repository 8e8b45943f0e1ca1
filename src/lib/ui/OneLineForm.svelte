<script lang="ts">
	// A form of one line: what is named, and the button that adds it.
	import { actTo } from '$lib/ui/offered';
	import { newKey } from './new-key';

	interface Props {
		action: string;
		/** The field's name; begins the id of what is said of it. */
		id: string;
		label: string;
		act: string;
		isMain?: boolean;
		/** What was typed and why it was not kept. */
		refused: { readonly typed: string; readonly problem: string | null | undefined } | null;
	}
	const { action, id, label, act, isMain = false, refused }: Props = $props();
	const key = newKey();
</script>

<form
	class="grid gap-2 @min-[38rem]:grid-cols-[1fr_auto] @min-[38rem]:items-end"
	method="POST"
	{...actTo(action)}
>
	<input type="hidden" name="key" value={key} />
	<label class="grid gap-1">
		{label}
		<input
			class="field"
			name="name"
			autocomplete="off"
			value={refused?.typed ?? ''}
			aria-invalid={refused ? 'true' : undefined}
			aria-describedby={refused ? `${id}-problem` : undefined}
		/>
	</label>
	<button class="btn {isMain ? 'btn-accent' : ''}">{act}</button>
	{#if refused}
		<p class="font-semibold text-error @min-[38rem]:col-span-2" id="{id}-problem" role="alert">
			{refused.problem}
		</p>
	{/if}
</form>
