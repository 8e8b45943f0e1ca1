<script lang="ts">
	import { EntryPage as say } from '$lib/words/house';
	import { roleWords } from '$lib/auth/role-words';
	import StateList from '$lib/stages/house/StateList.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import { linkTo } from '$lib/ui/offered';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { signsIn, isShared, isRoot } = $derived(data.reached);
	const count = $derived(data.roles.reduce((sum, { count: some }) => sum + some, 0));
	const coordinators = $derived(data.roles.find(({ role }) => role === 'coordinator')?.count ?? 0);
	const states = $derived([
		{
			name: 'sign-in',
			is: signsIn,
			title: signsIn ? say.peopleSignIn() : say.nobodySignsIn(),
			about: signsIn
				? say.withAPassphraseOrAPasskey()
				: isShared
					? say.anyoneCanOpenIt()
					: say.onlyWhoSitsHere()
		},
		...(signsIn
			? [
					{
						name: 'second',
						is: coordinators > 1,
						title: say.coordinators({ coordinators }),
						about: coordinators > 1 ? say.oneCanHelpTheOther() : say.inviteASecond()
					}
				]
			: []),
		{
			name: 'own-user',
			is: !isRoot,
			title: isRoot ? say.runsAsRoot() : say.runsAsItsOwnUser(),
			about: isRoot ? say.moveItWhereOthersRead() : say.aFaultReachesNothingElse()
		}
	]);
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<p class="text-lg font-semibold" role="status">
			{signsIn ? say.membersMayComeIn({ count }) : say.whoeverOpensIt()}
		</p>
		<StateList {states} />
		{#if signsIn}
			<section class="sheet p-4" aria-labelledby="roles">
				<h2 id="roles">{say.roles()}</h2>
				<dl class="mt-1">
					{#each data.roles as { role, count: some } (role)}
						<div
							class="grid grid-cols-[8rem_minmax(0,1fr)] border-t border-base-300 py-2 first:border-t-0"
							data-role={role}
						>
							<dt class="font-semibold">{role} <span class="figure">{some}</span></dt>
							<dd class="quiet">{roleWords[role]}</dd>
						</div>
					{/each}
				</dl>
				<a class="btn mt-2 btn-accent" {...linkTo('/members')}>{say.inviteSomeone()}</a>
			</section>
		{/if}
		<section class="sheet p-4" aria-labelledby="links">
			<h2 id="links">{say.linksThatOpen({ count: data.openLinks })}</h2>
			<p class="quiet">{say.aLinkOpensOneThing()}</p>
			<a class="link-row" {...linkTo('/links')}>{say.links()}</a>
		</section>
	</div>
</StagePage>
