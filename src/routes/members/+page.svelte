<script lang="ts">
	import PageTitle from '$lib/ui/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { roleWords } from '$lib/auth/role-words';
	import Caution from '$lib/ui/Caution.svelte';
	import MadeLink from '$lib/ui/MadeLink.svelte';
	import { newKey } from '$lib/ui/new-key';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const roles = ['helper', 'reader', 'coordinator'] as const;
	const key = newKey();
	const made = $derived(form?.address ? { address: form.address, role: form.role } : null);
</script>

<PageTitle />

<main
	id="main"
	class="@container mx-auto grid w-full max-w-4xl grid-cols-[minmax(0,1fr)] gap-5 px-5 py-6 max-sm:px-4"
>
	<div>
		<h1>Members</h1>
		<p class="quiet">
			Who signs in to this group. The people of the table are a list of their own: a member is one
			of them only where you say so.
		</p>
	</div>
	{#if data.isProxyUnnamed}
		<div data-unnamed-proxy>
			<Caution>
				Visitors come by way of a proxy that nobody named, so they all count as one: wrong
				passphrases of one shut the door for all. Whoever runs the machine names it in
				ADDRESS_HEADER.
			</Caution>
		</div>
	{/if}
	{#if data.isRoot}
		<div data-runs-as-root>
			<Caution>
				Nest Row runs as root on its machine, which it need not. Whoever runs the machine puts it
				into a folder that every user may read, and starts it again.
			</Caution>
		</div>
	{/if}
	{#if form && 'message' in form && form.message}
		<p class="font-semibold text-error" role="alert">{form.message}</p>
	{/if}
	{#if made}
		<section class="sheet grid gap-2 border-2 border-success p-5" aria-labelledby="made">
			<h2 id="made">The link is made</h2>
			<p>
				It lets one person in as a {made.role}. Copy it now: it is shown this once, and kept
				nowhere.
			</p>
			<MadeLink address={made.address} isOnlyHere={data.isOnlyHere} />
		</section>
	{/if}
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="invite">
		<h2 id="invite">Let someone in</h2>
		<form class="grid gap-3" method="POST" {...actTo('?/invite')}>
			<input type="hidden" name="key" value={key} />
			<fieldset class="grid gap-1">
				<legend class="mb-1">As what</legend>
				{#each roles as role, at (role)}
					<label class="flex min-h-11 items-center gap-3">
						<input class="radio" type="radio" name="role" value={role} checked={at === 0} />
						<span class="min-w-0"
							><b>{role}</b><span class="quiet block text-sm">{roleWords[role]}</span></span
						>
					</label>
				{/each}
			</fieldset>
			<button class="btn justify-self-start btn-accent">Make a link, for {data.days} days</button>
		</form>
	</section>
	<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="members">
		<h2 id="members">Who is in</h2>
		<ul class="grid gap-4">
			{#each data.members as member (member.accountId)}
				<li class="grid gap-2 border-t border-base-300 pt-3" data-member={member.email}>
					<p class="[overflow-wrap:anywhere]">
						<b>{member.name}</b>{#if member.accountId === data.own}, you{/if}
						<span class="quiet block text-sm">{member.email}</span>
					</p>
					<div class="flex flex-wrap items-end gap-3">
						<form class="flex flex-wrap items-end gap-3" method="POST" {...actTo('?/change')}>
							<input type="hidden" name="id" value={member.accountId} />
							<label
								class="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]"
							>
								May
								<select class="field max-w-full min-w-0" name="role">
									{#each roles as role (role)}
										<option selected={role === member.role}>{role}</option>
									{/each}
								</select>
							</label>
							<label
								class="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]"
							>
								Is at the table as
								<select class="field max-w-full min-w-0" name="person">
									<option value="">nobody there</option>
									{#each data.people as person (person.id)}
										<option value={person.id} selected={person.id === member.personId}
											>{person.name}</option
										>
									{/each}
								</select>
							</label>
							<button class="btn">Keep<span class="sr-only"> what {member.name} may</span></button>
						</form>
						<form method="POST" {...actTo('?/remove')}>
							<input type="hidden" name="id" value={member.accountId} />
							<button class="btn btn-ghost font-normal"
								>Take out<span class="sr-only"> of the group: {member.name}</span></button
							>
						</form>
					</div>
				</li>
			{/each}
		</ul>
	</section>
</main>
