<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
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
		said = await makePasskey(navigator.platform || 'This device');
		if (said === '') await invalidateAll();
	}
</script>

<PageTitle of={data.name} />

<main
	id="main"
	class="@container mx-auto grid w-full max-w-3xl grid-cols-[minmax(0,1fr)] gap-5 px-5 py-6 max-sm:px-4"
>
	<div>
		<h1>{data.name}</h1>
		<p class="quiet [overflow-wrap:anywhere]">{data.email}</p>
	</div>
	{#if form && 'said' in form && form.said}
		<p class="font-semibold" role="status">{form.said}</p>
	{/if}
	{#if form && 'problem' in form && form.problem}
		<p class="font-semibold text-error" role="alert">{form.problem}</p>
	{/if}

	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="groups">
		<h2 id="groups">Groups</h2>
		{#if data.groups.length === 0}
			<p>You are in no group. Ask a coordinator for a link that lets you in, or make a group.</p>
		{/if}
		<ul class="grid gap-2">
			{#each data.groups as group (group.id)}
				<li
					class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1"
					data-group={group.name}
				>
					<span class="min-w-0 [overflow-wrap:anywhere]"
						><b>{group.name}</b>, as a {group.role}
						<span class="quiet block text-sm">{roleWords[group.role]}</span></span
					>
					{#if group.isHere}
						<span class="quiet font-semibold">you work for this one now</span>
					{:else}
						<form method="POST" {...actTo('/groups?/choose')}>
							<input type="hidden" name="id" value={group.id} />
							<button class="btn">Work for it<span class="sr-only">: {group.name}</span></button>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
		<p class="flex flex-wrap gap-x-6">
			<a class="link-row" href="/groups">Make, delete or take back a group</a>
			{#if data.isCoordinator}
				<a class="link-row" {...linkTo('/members')}>Who is in this group</a>
				<a class="link-row" {...linkTo('/links')}>Links</a>
				<a class="link-row" {...linkTo('/trail')}>What was done, by whom</a>
			{/if}
		</p>
	</section>

	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="passkeys">
		<h2 id="passkeys">Passkeys</h2>
		<p class="quiet">
			A passkey signs you in by the lock of a device, without a passphrase to type or to be
			overheard.
		</p>
		{#if said}<p class="font-semibold text-error" role="alert">{said}</p>{/if}
		{#if data.passkeys.length > 0}
			<ul class="grid gap-2">
				{#each data.passkeys as passkey (passkey.id)}
					<li class="flex flex-wrap items-center justify-between gap-x-4">
						<span
							>{passkey.name ?? 'A device'}{#if passkey.madeAt}<span class="quiet"
									>, since {yearDayWords(passkey.madeAt)}</span
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
								aria-label="Name of the passkey"
							/>
							<button class="btn font-normal">Rename</button>
						</form>
						<form method="POST" {...actTo('?/passkey')}>
							<input type="hidden" name="id" value={passkey.id} />
							<button class="btn btn-ghost font-normal"
								>Remove<span class="sr-only"> the passkey of {passkey.name}</span></button
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
					label="Your passphrase, to make a passkey"
					type="password"
					autocomplete="current-password"
					problem={form && 'confirm' in form ? form.confirm : undefined}
				/>
				<button class="btn justify-self-start">Make a passkey of this device</button>
			</form>
		{/if}
	</section>

	<section
		class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5"
		aria-labelledby="passphrase-heading"
	>
		<h2 id="passphrase-heading">Passphrase</h2>
		<form class="grid max-w-md gap-4" method="POST" {...actTo('?/passphrase')}>
			<DoorField
				name="current"
				label="The passphrase you have now"
				type="password"
				autocomplete="current-password"
				problem={problems?.current}
			/>
			<DoorField
				name="passphrase"
				label="A new one"
				type="password"
				autocomplete="new-password"
				problem={problems?.passphrase}
				hint="Twelve characters or more. Four words that do not belong together will do."
			/>
			<button class="btn justify-self-start">Change it, and sign other devices out</button>
		</form>
	</section>

	<section class="flex flex-wrap gap-3" aria-label="Sign out">
		<form method="POST" {...actTo('?/out')}>
			<button class="btn btn-accent">Sign out here</button>
		</form>
		<form method="POST" {...actTo('?/elsewhere')}>
			<button class="btn">Sign out everywhere else</button>
		</form>
	</section>
</main>
