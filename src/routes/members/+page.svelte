<script lang="ts">
	import { MembersPage as msg } from '$lib/words/house';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
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

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-5">
		<div>
			<p class="quiet">
				{msg.whoSignsInToThis()}
			</p>
		</div>
		{#if data.isProxyUnnamed}
			<div data-unnamed-proxy>
				<Caution>
					{msg.visitorsComeByWayOf()}
				</Caution>
			</div>
		{/if}
		{#if data.isRoot}
			<div data-runs-as-root>
				<Caution>
					{msg.nestRowRunsAsRoot()}
				</Caution>
			</div>
		{/if}
		{#if form && 'message' in form && form.message}
			<p class="font-semibold text-error" role="alert">{form.message}</p>
		{/if}
		{#if made}
			<section class="sheet grid gap-2 border-2 border-success p-5" aria-labelledby="made">
				<h2 id="made">{msg.yourNewLink()}</h2>
				<p>
					{msg.itLetsOnePersonIn({ role: made.role })}
				</p>
				<MadeLink address={made.address} isOnlyHere={data.isOnlyHere} />
			</section>
		{/if}
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="invite">
			<h2 id="invite">{msg.inviteSomeone()}</h2>
			<form class="grid gap-3" method="POST" {...actTo('?/invite')}>
				<input type="hidden" name="key" value={key} />
				<fieldset class="grid gap-1">
					<legend class="mb-1">{msg.role()}</legend>
					{#each roles as role, at (role)}
						<label class="flex min-h-11 items-center gap-3">
							<input class="radio" type="radio" name="role" value={role} checked={at === 0} />
							<span class="min-w-0"
								><b>{role}</b><span class="quiet block text-sm">{roleWords[role]}</span></span
							>
						</label>
					{/each}
				</fieldset>
				<button class="btn justify-self-start btn-accent"
					>{msg.createLinkForDays({ days: data.days })}</button
				>
			</form>
		</section>
		<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-4 p-5" aria-labelledby="members">
			<h2 id="members">{msg.membersNow()}</h2>
			<ul class="grid gap-4">
				{#each data.members as member (member.accountId)}
					<li class="grid gap-2 border-t border-base-300 pt-3" data-member={member.email}>
						<p class="[overflow-wrap:anywhere]">
							<b>{member.name}</b>{#if member.accountId === data.own}{msg.you()}{/if}
							<span class="quiet block text-sm">{member.email}</span>
						</p>
						<div class="flex flex-wrap items-end gap-3">
							<form class="flex flex-wrap items-end gap-3" method="POST" {...actTo('?/change')}>
								<input type="hidden" name="id" value={member.accountId} />
								<label
									class="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]"
								>
									{msg.role()}
									<select class="field max-w-full min-w-0" name="role">
										{#each roles as role (role)}
											<option selected={role === member.role}>{role}</option>
										{/each}
									</select>
								</label>
								<label
									class="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]"
								>
									{msg.volunteer()}
									<select class="field max-w-full min-w-0" name="person">
										<option value="">{msg.nobody()}</option>
										{#each data.people as person (person.id)}
											<option value={person.id} selected={person.id === member.personId}
												>{person.name}</option
											>
										{/each}
									</select>
								</label>
								<button class="btn"
									>{msg.save()}<span class="sr-only">
										{msg.roleOf({ name: member.name })}</span
									></button
								>
							</form>
							<form method="POST" {...actTo('?/remove')}>
								<input type="hidden" name="id" value={member.accountId} />
								<button class="btn btn-ghost font-normal"
									>{msg.remove()}<span class="sr-only">
										{msg.ofTheGroup({ name: member.name })}</span
									></button
								>
							</form>
						</div>
					</li>
				{/each}
			</ul>
		</section>
	</div>
</StagePage>
