<script lang="ts">
	import StagePage from '$lib/entries/StagePage.svelte';
	import type { LayoutProps } from './$types';

	const { children }: LayoutProps = $props();
	const parts = [
		{ href: '/hand-over', label: 'Send' },
		{ href: '/hand-over/asks', label: 'Asked and promised' },
		{ href: '/hand-over/pillows', label: 'Pillows' },
		{ href: '/hand-over/account', label: 'What it came to' }
	];
</script>

<StagePage stage="Hand over" {parts} {children} />
