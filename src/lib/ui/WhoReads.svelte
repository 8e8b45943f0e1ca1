<script lang="ts">
	// Whose pages these are, who reads them, and the way out.
	import { WhoReads as say } from '$lib/words/common';
	import { actTo } from './offered';

	interface Props {
		groupName: string;
		/** Who signed in; null where no one needs to. */
		account: { readonly name: string } | null;
	}
	const { groupName, account }: Props = $props();
</script>

<p class="figure text-lg font-semibold [overflow-wrap:anywhere]">{groupName}</p>
{#if account}
	<p class="[overflow-wrap:anywhere]">
		{say.signedInAs()}
		<a class="link-row" href="/account">{account.name}</a>
	</p>
	<form method="POST" {...actTo('/account?/out')}>
		<button class="btn">{say.signOut()}</button>
	</form>
{:else}
	<p class="quiet">{say.noSignInHere()}</p>
{/if}
