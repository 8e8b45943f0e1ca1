<script lang="ts">
	import { enhance } from '$app/forms';
	import Settings from '@lucide/svelte/icons/settings-2';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import type { Reader } from './reader';
	import type { SubmitFunction } from '@sveltejs/kit';

	const { group }: { group: Reader } = $props();
	// The stages in the order of the work; the ones without an address are not built yet.
	const stages: readonly { name: string; href?: string }[] = [
		{ name: 'Plan', href: '/plan' },
		{ name: 'Gather', href: '/gather' },
		{ name: 'Prepare' },
		{ name: 'Make' },
		{ name: 'Check' },
		{ name: 'Hand over' }
	];
	/** What is typed on the page stays; only the words around it change. */
	const stayHere: SubmitFunction =
		() =>
		async ({ result, update }) => {
			if (result.type === 'redirect') await invalidateAll();
			else await update({ reset: false });
		};
	const isHere = (href: string) => page.url.pathname.startsWith(href);
</script>

<header
	class="no-print flex flex-wrap items-center gap-x-6 gap-y-1 px-5 pt-3 max-sm:justify-between max-sm:gap-x-1 max-sm:px-4"
>
	<a class="figure flex min-h-11 items-center gap-2 text-xl font-bold" href="/plan">
		<img src="/mark.svg" alt="" width="32" height="32" />
		Nest Row
	</a>
	<nav class="relative min-w-0 flex-1 max-sm:order-last max-sm:basis-full" aria-label="Stages">
		<!-- The weft runs behind one tab and before the next. -->
		<div
			class="absolute inset-x-0 bottom-1 z-10 h-2 rounded-full bg-accent"
			aria-hidden="true"
		></div>
		<ul
			class="flex items-stretch gap-x-1 max-sm:justify-between max-sm:gap-x-0 max-sm:[&>li]:whitespace-nowrap"
		>
			{#each stages as stage, index (stage.name)}
				<li class="relative {index % 2 === 0 ? 'z-20' : 'z-0'}">
					{#if stage.href}
						<a
							class="block px-4 pt-2 pb-4 font-semibold max-sm:px-2.5 max-sm:text-[15px] {isHere(
								stage.href
							)
								? 'rounded-lg bg-primary text-primary-content'
								: ''}"
							href={stage.href}
							aria-current={isHere(stage.href) ? 'page' : undefined}>{stage.name}</a
						>
					{:else}
						<span
							class="quiet block rounded-lg bg-base-200 px-4 pt-2 pb-4 max-sm:px-1 max-sm:text-[13px]"
						>
							{stage.name}<span class="sr-only">, not open yet</span>
						</span>
					{/if}
				</li>
			{/each}
		</ul>
	</nav>
	<form
		class="flex items-center gap-1 max-sm:gap-0"
		method="POST"
		action="/settings?/words"
		use:enhance={stayHere}
	>
		<input type="hidden" name="back" value={page.url.pathname} />
		<button
			class="btn btn-ghost font-normal max-sm:px-2"
			name="lengths"
			value={group.lengthSystem === 'cm' ? 'ft' : 'cm'}
			title="Change the units on this device"
			aria-label={group.lengthSystem === 'cm'
				? 'Centimetres: change to feet and inches'
				: 'Feet and inches: change to centimetres'}
		>
			<span class={group.lengthSystem === 'cm' ? 'font-bold underline' : ''}>cm</span>·<span
				class={group.lengthSystem === 'ft' ? 'font-bold underline' : ''}>ft</span
			>
		</button>
		<button
			class="btn btn-ghost font-normal max-sm:px-2"
			name="terms"
			value={group.stitchTerms === 'us' ? 'uk' : 'us'}
			title="Change whose stitch names are used on this device"
			aria-label={group.stitchTerms === 'us'
				? 'US stitch names: change to UK names'
				: 'UK stitch names: change to US names'}
		>
			<span class={group.stitchTerms === 'us' ? 'font-bold underline' : ''}>US</span>·<span
				class={group.stitchTerms === 'uk' ? 'font-bold underline' : ''}>UK</span
			>
		</button>
		<a
			class="btn btn-ghost font-normal aria-[current=page]:bg-primary aria-[current=page]:font-semibold aria-[current=page]:text-primary-content max-sm:px-2"
			href="/measures"
			aria-current={page.url.pathname === '/measures' ? 'page' : undefined}>Measures</a
		>
		<a class="btn btn-square btn-ghost" href="/settings" aria-label="Words, units and look">
			<Settings class="size-5" />
		</a>
	</form>
</header>
