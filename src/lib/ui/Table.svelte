<script lang="ts">
	// A plain table in a frame of its own that scrolls where a phone is too narrow for it.
	import type { Snippet } from 'svelte';
	import { scrollByKey } from './scroll-by-key';

	export interface Head {
		readonly label: string;
		/** Figures stand to the right. */
		readonly isFigure?: boolean;
		/** Said, not shown. */
		readonly isSilent?: boolean;
	}
	interface Props {
		heads: readonly (Head | string)[];
		/** On a phone each row is a block, and each cell says by its `data-label` what it is. */
		stacks?: boolean;
		children: Snippet;
	}
	const { heads, stacks = false, children }: Props = $props();
	const columns = $derived(
		heads.map((head): Head => (typeof head === 'string' ? { label: head } : head))
	);
</script>

<div class="overflow-x-auto" {@attach scrollByKey}>
	<table class="w-full text-left text-[0.9375rem] {stacks ? 'stacks' : ''}">
		<thead class="quiet">
			<tr>
				{#each columns as { label, isFigure, isSilent } (label)}
					<th class="font-normal {isFigure ? 'text-right' : ''}" scope="col"
						><span class={isSilent ? 'sr-only' : ''}>{label}</span></th
					>
				{/each}
			</tr>
		</thead>
		<tbody>{@render children()}</tbody>
	</table>
</div>

<style>
	table :global(:is(td, th)) {
		padding: 0.3rem 0.75rem;
	}
	table :global(:is(td, th):first-child) {
		padding-left: 0;
	}
	table :global(:is(td, th):last-child) {
		padding-right: 0;
	}
	table :global(tbody > tr) {
		border-top: 1px solid var(--color-base-300);
	}
	@container (max-width: 38rem) {
		.stacks thead {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			white-space: nowrap;
			clip-path: inset(50%);
		}
		.stacks :global(:is(tbody, tr, td, th)) {
			display: block;
			padding-inline: 0;
			text-align: left;
		}
		.stacks :global(tr) {
			padding-block: 0.5rem;
		}
		.stacks :global(td:empty) {
			display: none;
		}
		.stacks :global([data-label])::before {
			content: attr(data-label) ': ';
			font-weight: 400;
		}
	}
</style>
