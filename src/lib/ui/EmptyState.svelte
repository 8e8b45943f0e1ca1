<script lang="ts">
	// Nothing is here yet: what comes here, and the one act that brings it.
	import { linkTo } from './offered';

	interface Props {
		words: string;
		href: string;
		act: string;
	}
	const { words, href, act }: Props = $props();
</script>

<div class="sheet flex flex-wrap items-center justify-between gap-x-6 gap-y-3 p-4" data-empty>
	<p class="max-w-prose min-w-0 flex-1 basis-60">{words}</p>
	<a class="btn h-auto min-h-11 max-w-full whitespace-normal btn-accent" {...linkTo(href)}>{act}</a>
</div>
