<script lang="ts">
	// The parts of a stage, side by side above its pages.
	import { page } from '$app/state';

	interface Props {
		stage: string;
		/** The first is the stage's own page; others are under their addresses. */
		parts: readonly { readonly href: string; readonly label: string }[];
	}
	const { stage, parts }: Props = $props();
	const isHere = (href: string) =>
		href === parts[0]?.href ? page.url.pathname === href : page.url.pathname.startsWith(href);
</script>

<nav class="mb-4 flex flex-wrap gap-x-1 border-b-4 border-accent" aria-label={stage}>
	{#each parts as { href, label } (href)}
		<a
			class="grid min-h-11 place-items-center rounded-t-lg px-4 aria-[current=page]:bg-accent aria-[current=page]:font-semibold aria-[current=page]:text-accent-content"
			{href}
			aria-current={isHere(href) ? 'page' : undefined}>{label}</a
		>
	{/each}
</nav>
