<script lang="ts">
	import { SignInAnewPage as say } from '$lib/words/house';
	import { actTo } from '$lib/ui/offered';
	import DoorField from '$lib/auth/DoorField.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<DoorPage title={say.chooseANewPassphrase()} problem={form?.problem}>
	<p class="quiet">{say.allDevicesSignedInWith()}</p>
	<form class="grid gap-4" method="POST" {...actTo('?/renew')}>
		<input type="hidden" name="token" value={data.token} />
		<DoorField
			name="passphrase"
			label={say.passphrase()}
			type="password"
			autocomplete="new-password"
			hint={say.atLeast12CharactersFour()}
		/>
		<label class="flex min-h-11 items-center gap-2">
			<input class="checkbox" type="checkbox" name="keep_passkeys" value="yes" />
			{say.keepMyPasskeysLeaveThis()}
		</label>
		<button class="btn btn-accent">{say.savePassphrase()}</button>
	</form>
	<p><a class="link-row" href="/sign-in/forgot">{say.askForANewMessage()}</a></p>
</DoorPage>
