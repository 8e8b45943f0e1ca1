<script lang="ts">
	// Words on a mat, by its maker and at the desk, the newest first.
	import { NotesOnMat as say } from '$lib/words/making';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { momentWords } from '$lib/ui/day-words';
	import { untrack } from 'svelte';
	import type { MatInHand } from './mat-view';

	const { mat, sent }: { mat: MatInHand; sent?: SentForm | null | undefined } = $props();
	const form = untrack(() => new TypedForm('note', { mat: mat.code, text: '' }, getOutbox(), sent));
</script>

<EntryForm {form} title={say.notes()} act={say.saveNote()} stays={['mat']} isMain={false}>
	{#if mat.said.notes.length > 0}
		<ul class="grid gap-1" data-notes>
			{#each mat.said.notes.toReversed() as { id, text, at, isByLink } (id)}
				<li>
					<p class="break-words">{text}</p>
					<p class="quiet text-[0.9375rem]">{momentWords(at)}{isByLink ? say.byItsMaker() : ''}</p>
				</li>
			{/each}
		</ul>
	{/if}
	<input type="hidden" name="mat" value={mat.code} />
	<EntryField {form} field="text" label={say.note()} />
</EntryForm>
