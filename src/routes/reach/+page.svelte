<script lang="ts">
	import { ReachPage as say } from '$lib/words/house';
	import StateList from '$lib/stages/house/StateList.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import StagePage from '$lib/ui/StagePage.svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const { origin, isShared, isHttps, signsIn, isProxyUnnamed } = $derived(data.reached);
	const states = $derived([
		{
			name: 'address',
			is: isShared,
			title: isShared ? say.phonesOpen({ origin }) : say.onlyThisComputerOpens({ origin }),
			about: isShared ? say.typeItOrScanIt() : say.giveItAName()
		},
		{
			name: 'certificate',
			is: isShared && isHttps,
			title: isShared && isHttps ? say.theWayIsSafe() : say.noCertificateYet(),
			about: isShared && isHttps ? say.phonesKeepPages() : say.getACertificate()
		},
		{
			name: 'sign-in',
			is: signsIn,
			title: signsIn ? say.peopleSignIn() : say.nobodySignsIn(),
			about: signsIn ? say.lettingInIsUnder() : say.itIsTurnedOnWith()
		},
		{
			name: 'visitors',
			is: isShared && !isProxyUnnamed,
			title: isShared && !isProxyUnnamed ? say.visitorsAreToldApart() : say.visitorsCountAsOne(),
			about: isShared && !isProxyUnnamed ? say.wrongTriesShutOne() : say.sayTheHeader()
		}
	]);
	const isReady = $derived(states.every(({ is }) => is));
</script>

<StagePage isNarrow>
	<PageTitle />
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<p class="text-lg font-semibold" role="status">
			{isReady ? say.phonesCanComeIn() : isShared ? say.almostThere() : say.notYet()}
		</p>
		{#if data.square}
			<div class="sheet flex flex-wrap items-center gap-5 p-4">
				<div class="rounded-lg bg-white p-2 text-black">
					<SceneView scene={data.square} said={say.squareOf({ origin })} />
				</div>
				<p class="min-w-0 flex-1 basis-52">
					{say.scanWithAPhone()}
					<strong class="figure block text-xl break-all">{origin}</strong>
					{say.thenAddToHomeScreen()}
				</p>
			</div>
		{/if}
		<StateList {states} />
		<p class="quiet">{say.whoeverRunsTheComputer()}</p>
		<p class="flex flex-wrap gap-x-6">
			<a class="link-row" href="/entry">{say.whoMayComeIn()}</a>
			<a class="link-row" href="/links">{say.links()}</a>
		</p>
	</div>
</StagePage>
