<script lang="ts">
	// A label's code: typed, or read by the camera; one, or one after the other.
	import { CodeField as say } from '$lib/words/common';
	import CameraCode from '$lib/ui/CameraCode.svelte';
	import { codeInLabel } from '$lib/ui/label-address';
	import EntryField from './EntryField.svelte';
	import type { TypedForm } from './typed-form.svelte';

	interface Props {
		form: TypedForm;
		field: string;
		label: string;
		hint?: string;
		/** The field takes several codes: another one read is put after those that are there. */
		isMany?: boolean;
	}
	const { form, field, label, hint, isMany = false }: Props = $props();

	function put(read: string): string | null {
		const code = codeInLabel(read);
		if (code === null) return say.notALabel();
		const before = (form.typed[field] ?? '').trim();
		const has = before.toUpperCase().split(/[\s,]+/);
		form.typed[field] =
			isMany && before && !has.includes(code)
				? `${before} ${code}`
				: isMany && has.includes(code)
					? before
					: code;
		return null;
	}
</script>

<div class="grid min-w-0 gap-2">
	<EntryField {form} {field} {label} {...hint === undefined ? {} : { hint }} />
	<CameraCode onread={put} />
</div>
