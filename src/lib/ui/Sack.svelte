<script lang="ts">
	// One sack, drawn as large as what is in it; a drop on it where that is damp.
	interface Props {
		/** Of the largest that is drawn beside it, 0 to 1. */
		size: number;
		isDamp?: boolean;
		class?: string;
	}
	const { size, isDamp = false, class: more = '' }: Props = $props();
</script>

<svg viewBox="0 0 44 46" class={more} aria-hidden="true">
	<g transform="translate(22 45) scale({size})">
		<path
			d="M-14 0c-4-9-2-20 8-28c-4-5-4-12 0-14h12c4 2 4 9 0 14c10 8 12 19 8 28Z"
			class="fill-base-200 stroke-base-content"
			stroke-width="2"
		/>
		<path d="M-6-28h12" class="stroke-base-content" stroke-width="2" />
		{#if isDamp}<path
				d="M0-22c5 7 6 9 6 12a6 6 0 0 1-12 0c0-3 1-5 6-12Z"
				class="fill-primary"
			/>{/if}
	</g>
</svg>
