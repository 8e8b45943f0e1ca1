<script lang="ts">
	import { StageBar as say } from '$lib/words/common';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import Settings from '@lucide/svelte/icons/settings-2';
	import User from '@lucide/svelte/icons/user-round';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import type { BarLink } from '$lib/routes/bar';
	import type { Reader } from './reader';
	import type { SubmitFunction } from '@sveltejs/kit';

	interface Props {
		group: Reader;
		/** The stages in the order of the work. */
		stages: readonly BarLink[];
		/** Who signed in; null where no one needs to. */
		account: { readonly name: string; readonly groups: number } | null;
	}
	const { group, stages, account }: Props = $props();
	/** What is typed on the page stays; only the words around it change. */
	const stayHere: SubmitFunction =
		() =>
		async ({ result, update }) => {
			if (result.type === 'redirect') await invalidateAll();
			else await update({ reset: false });
		};
	/** A stage is where its first part is, and every part beside it. */
	const isHere = (href: string) => page.url.pathname.startsWith(`/${href.split('/')[1] ?? ''}`);
</script>

<header class="no-print @container px-5 pt-3 max-sm:px-4">
	<!-- Wide enough for its own words, whatever their size: else the stages have a line for themselves. -->
	<div class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 @max-[30rem]:gap-x-1">
		<a
			class="figure flex min-h-11 items-center gap-2 text-xl font-bold @max-[30rem]:gap-1 @max-[30rem]:text-lg"
			href="/"
		>
			<img src="/mark.svg" alt="" width="32" height="32" />
			{say.nestRow()}
		</a>
		<nav
			class="order-last min-w-0 basis-full @min-[68rem]:order-none @min-[68rem]:flex-1 @min-[68rem]:basis-0"
			aria-label={say.stages()}
		>
			<ul class="flex flex-wrap items-stretch">
				{#each stages as { href, label }, index (href)}
					<li class="weft relative {index % 2 === 0 ? 'weft-behind' : 'weft-before'}">
						<a
							class="relative block px-4 pt-2 pb-4 font-semibold @max-[30rem]:px-2.5 @max-[30rem]:text-[0.9375rem] {isHere(
								href
							)
								? 'rounded-lg bg-primary text-primary-content'
								: 'rounded-lg bg-base-200'}"
							{href}
							aria-current={isHere(href) ? 'page' : undefined}>{label}</a
						>
					</li>
				{/each}
				<li class="weft weft-before min-w-4 flex-1" aria-hidden="true"></li>
			</ul>
		</nav>
		<form
			class="flex flex-wrap items-center gap-x-1 @max-[30rem]:gap-x-0"
			method="POST"
			{...actTo('/settings?/words')}
			use:enhance={stayHere}
		>
			<input type="hidden" name="back" value={page.url.pathname} />
			<button
				class="btn btn-ghost font-normal @max-[30rem]:px-2"
				name="lengths"
				value={group.lengthSystem === 'cm' ? 'ft' : 'cm'}
				title={say.changeTheUnitsOnThis()}
				aria-label={group.lengthSystem === 'cm'
					? say.centimetresChangeToFeetAnd()
					: say.feetAndInchesChangeTo()}
			>
				<span class={group.lengthSystem === 'cm' ? 'font-bold underline' : ''}>{say.cm()}</span
				>·<span class={group.lengthSystem === 'ft' ? 'font-bold underline' : ''}>{say.ft()}</span>
			</button>
			<button
				class="btn btn-ghost font-normal @max-[30rem]:px-2"
				name="terms"
				value={group.stitchTerms === 'us' ? 'uk' : 'us'}
				title={say.changeWhoseStitchNamesAre()}
				aria-label={group.stitchTerms === 'us'
					? say.usStitchNamesChangeTo()
					: say.ukStitchNamesChangeTo()}
			>
				<span class={group.stitchTerms === 'us' ? 'font-bold underline' : ''}>{say.us()}</span
				>·<span class={group.stitchTerms === 'uk' ? 'font-bold underline' : ''}>{say.uk()}</span>
			</button>
			<a
				class="btn btn-ghost font-normal aria-[current=page]:bg-primary aria-[current=page]:font-semibold aria-[current=page]:text-primary-content @max-[30rem]:px-2"
				href="/season"
				aria-current={page.url.pathname.startsWith('/season') ? 'page' : undefined}
				>{say.season()}</a
			>
			<a
				class="btn btn-ghost font-normal aria-[current=page]:bg-primary aria-[current=page]:font-semibold aria-[current=page]:text-primary-content @max-[30rem]:px-2"
				href="/know-how"
				aria-current={page.url.pathname.startsWith('/know-how') ? 'page' : undefined}
				>{say.knowHow()}</a
			>
			<a
				class="btn btn-ghost font-normal aria-[current=page]:bg-primary aria-[current=page]:font-semibold aria-[current=page]:text-primary-content @max-[30rem]:px-2"
				href="/measures"
				aria-current={page.url.pathname === '/measures' ? 'page' : undefined}>{say.measures()}</a
			>
			{#if account}
				<a
					class="btn max-w-48 btn-ghost font-normal aria-[current=page]:bg-primary aria-[current=page]:font-semibold aria-[current=page]:text-primary-content @max-[30rem]:px-2"
					href="/account"
					aria-label={account.name}
					aria-current={page.url.pathname === '/account' ? 'page' : undefined}
					><User class="size-5" /><span class="hidden truncate @min-[84rem]:inline"
						>{account.name}</span
					></a
				>
			{/if}
			<a class="btn btn-square btn-ghost" href="/settings" aria-label={say.settings()}>
				<Settings class="size-5" />
			</a>
		</form>
	</div>
</header>

<style>
	/* The weft runs behind one tab and before the next, on every line that the tabs need. */
	.weft::after {
		content: '';
		position: absolute;
		inset-inline: 0;
		bottom: 0.25rem;
		height: 0.5rem;
		background: var(--color-accent);
	}
	.weft {
		position: relative;
		isolation: isolate;
	}
	.weft-behind::after {
		z-index: -1;
	}
	.weft-before::after {
		z-index: 1;
		pointer-events: none;
	}
	.weft:first-child::after {
		border-start-start-radius: 999px;
		border-end-start-radius: 999px;
	}
	.weft:last-child::after {
		border-start-end-radius: 999px;
		border-end-end-radius: 999px;
	}
</style>
