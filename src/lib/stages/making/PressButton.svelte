<script lang="ts">
	// One press that says one thing of a mat.
	import PressOnce from '$lib/entries/PressOnce.svelte';
	import type { Typed } from '$lib/entries/form-reader';

	interface Props {
		type: 'remind' | 'finish' | 'mended' | 'teaches';
		mat: string;
		/** What is said beside the mat. */
		more?: Typed;
		label: string;
		/** What the entry is, in words a person knows it by. */
		words: string;
		/** What is said once it is kept. */
		kept: string;
		isMain?: boolean;
	}
	const { mat, more = {}, ...press }: Props = $props();
</script>

<PressOnce typed={{ mat, ...more }} {...press} />
