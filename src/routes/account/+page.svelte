<script lang="ts">
	import { AccountPage as say } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { actTo, linkTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { invalidateAll } from '$app/navigation';
	import DoorField from '$lib/auth/DoorField.svelte';
	import { makePasskey } from '$lib/auth/passkeys';
	import { roleWords } from '$lib/auth/role-words';
	import { yearDayWords } from '$lib/ui/day-words';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const problems = $derived(form && 'problems' in form ? form.problems : undefined);
	let hasPasskeys = $state(false);
	let said = $state('');
	onMount(() => {
		hasPasskeys = 'PublicKeyCredential' in window;
	});
	async function add() {
		said = await makePasskey(navigator.platform || say.thisDevice());
		if (said === '') await invalidateAll();
	}
</script>

<StagePage isNarrow>
	<PageTitle of={data.name} />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
		<div>
			<p class="quiet [overflow-wrap:anywhere]">{data.email}</p>
		</div>
		{#if form && 'said' in form && form.said}
			<p class="font-semibold" role="status">{form.said}</p>
		{/if}
		{#if form && 'problem' in form && form.problem}
			<p class="font-semibold text-error" role="alert">{form.problem}</p>
		{/if}

		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="groups">
			<h2 id="groups">{say.groups()}</h2>
			{#if data.groups.length === 0}
				<p>{say.youAreInNoGroup()}</p>
			{/if}
			<ul class="grid gap-2">
				{#each data.groups as group (group.id)}
					<li
						class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1"
						data-group={group.name}
					>
						<span class="min-w-0 [overflow-wrap:anywhere]"
							><b>{group.name}</b>{say.asA({ role: group.role })}
							<span class="quiet block text-sm">{roleWords[group.role]}</span></span
						>
						{#if group.isHere}
							<span class="quiet font-semibold">{say.inUseNow()}</span>
						{:else}
							<form method="POST" {...actTo('/groups?/choose')}>
								<input type="hidden" name="id" value={group.id} />
								<button class="btn"
									>{say.switchToIt()}<span class="sr-only">: {group.name}</span></button
								>
							</form>
						{/if}
					</li>
				{/each}
			</ul>
			<p class="flex flex-wrap gap-x-6">
				<a class="link-row" href="/groups">{say.createDeleteOrRestoreA()}</a>
				{#if data.isCoordinator}
					<a class="link-row" {...linkTo('/members')}>{say.members()}</a>
					<a class="link-row" {...linkTo('/links')}>{say.links()}</a>
					<a class="link-row" {...linkTo('/trail')}>{say.history()}</a>
				{/if}
			</p>
		</section>

		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="passkeys">
			<h2 id="passkeys">{say.passkeys()}</h2>
			<p class="quiet">
				{say.aPasskeySignsYouIn()}
			</p>
			{#if said}<p class="font-semibold text-error" role="alert">{said}</p>{/if}
			{#if data.passkeys.length > 0}
				<ul class="grid gap-2">
					{#each data.passkeys as passkey (passkey.id)}
						<li class="flex flex-wrap items-center justify-between gap-x-4">
							<span
								>{passkey.name ?? say.aDevice()}{#if passkey.madeAt}<span class="quiet"
										>{say.since({ yearDay: yearDayWords(passkey.madeAt) })}</span
									>{/if}</span
							>
							<form class="flex flex-wrap items-center gap-2" method="POST" {...actTo('?/name')}>
								<input type="hidden" name="id" value={passkey.id} />
								<input
									class="field w-44"
									name="name"
									value={passkey.name ?? ''}
									maxlength="120"
									autocomplete="off"
									aria-label={say.nameOfThePasskey()}
								/>
								<button class="btn font-normal">{say.rename()}</button>
							</form>
							<form method="POST" {...actTo('?/passkey')}>
								<input type="hidden" name="id" value={passkey.id} />
								<button class="btn btn-ghost font-normal"
									>{say.remove()}<span class="sr-only">
										{say.thePasskeyOf({ name: passkey.name ?? '' })}</span
									></button
								>
							</form>
						</li>
					{/each}
				</ul>
			{/if}
			{#if hasPasskeys}
				<form
					class="grid max-w-md gap-3"
					method="POST"
					{...actTo('?/confirm')}
					use:enhance={() =>
						async ({ result, update }) => {
							await update();
							if (result.type === 'success') await add();
						}}
				>
					<DoorField
						name="passphrase"
						label={say.yourPassphraseToMakeA()}
						type="password"
						autocomplete="current-password"
						problem={form && 'confirm' in form ? form.confirm : undefined}
					/>
					<button class="btn justify-self-start">{say.addThisDevice()}</button>
				</form>
			{/if}
		</section>

		<section
			class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5"
			aria-labelledby="passphrase-heading"
		>
			<h2 id="passphrase-heading">{say.passphrase()}</h2>
			<form class="grid max-w-md gap-4" method="POST" {...actTo('?/passphrase')}>
				<DoorField
					name="current"
					label={say.currentPassphrase()}
					type="password"
					autocomplete="current-password"
					problem={problems?.current}
				/>
				<DoorField
					name="passphrase"
					label={say.newPassphrase()}
					type="password"
					autocomplete="new-password"
					problem={problems?.passphrase}
					hint={say.atLeast12CharactersFour()}
				/>
				<button class="btn justify-self-start">{say.changeItAndSignOther()}</button>
			</form>
		</section>

		<section class="flex flex-wrap gap-3" aria-label={say.signOut()}>
			<form method="POST" {...actTo('?/out')}>
				<button class="btn btn-accent">{say.signOutHere()}</button>
			</form>
			<form method="POST" {...actTo('?/elsewhere')}>
				<button class="btn">{say.signOutEverywhereElse()}</button>
			</form>
		</section>
	</div>
</StagePage>
