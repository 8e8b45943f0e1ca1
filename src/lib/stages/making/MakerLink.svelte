<script lang="ts">
	// A private link for whoever makes a mat: no account, this mat alone, revoked at once.
	import { MakerLink as say } from '$lib/words/making';
	import { actTo } from '$lib/ui/offered';
	import type { Scene } from '$lib/core/drawing/scene';
	import SceneView from '$lib/ui/SceneView.svelte';
	import MadeLink from '$lib/ui/MadeLink.svelte';
	import { momentWords, yearDayWords } from '$lib/ui/day-words';
	import { newKey } from '$lib/ui/new-key';

	interface Props {
		links: readonly {
			readonly id: string;
			readonly madeAt: Date;
			readonly expiresAt: Date | null;
			readonly lastUsedAt: Date | null;
			readonly revokedAt: Date | null;
		}[];
		days: number;
		/** Whether a link made here opens on this machine alone. */
		isOnlyHere: boolean;
		made?: { readonly address: string; readonly square: Scene } | null;
		problem?: string;
	}
	const { links, days, isOnlyHere, made, problem = '' }: Props = $props();
	const key = newKey();
	const open = $derived(
		links.filter(
			({ revokedAt, expiresAt }) =>
				revokedAt === null && (expiresAt === null || expiresAt.getTime() > Date.now())
		)
	);
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="link">
	<h2 class="text-lg" id="link">{say.aLinkForItsMaker()}</h2>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
	{#if made}
		<p role="status">
			{say.copyItNowOrLet()}
		</p>
		<MadeLink address={made.address} {isOnlyHere}>
			<div class="w-[220px] max-w-full rounded bg-white text-black" data-square>
				<SceneView scene={made.square} said={say.qrCodeOfTheLink()} />
			</div>
		</MadeLink>
	{:else}
		<p class="quiet">
			{say.whoeverHasItCountsThe({ days })}
		</p>
	{/if}
	<form method="POST" {...actTo('?/link')}>
		<input type="hidden" name="key" value={key} />
		<button class="btn h-auto min-h-11">{say.createLink()}</button>
	</form>
	{#if open.length > 0}
		<ul class="grid gap-1">
			{#each open as { id, madeAt, lastUsedAt } (id)}
				<li class="flex flex-wrap items-center justify-between gap-x-3">
					<span
						>{say.made({
							yearDay: yearDayWords(madeAt),
							part: lastUsedAt ? say.used({ moment: momentWords(lastUsedAt) }) : say.notUsedYet()
						})}</span
					>
					<form method="POST" {...actTo('?/revoke')}>
						<input type="hidden" name="id" value={id} />
						<button class="btn h-auto min-h-11 btn-ghost font-normal"
							>{say.revoke()}<span class="sr-only">
								{say.theLinkMade({ yearDay: yearDayWords(madeAt) })}</span
							></button
						>
					</form>
				</li>
			{/each}
		</ul>
	{/if}
</section>
