<script lang="ts">
	import { actTo } from '$lib/ui/offered';
	import DoorField from '$lib/auth/DoorField.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<DoorPage title="Choose a new passphrase" problem={form?.problem}>
	<p class="quiet">Every device that is signed in with the old one is signed out.</p>
	<form class="grid gap-4" method="POST" {...actTo('?/renew')}>
		<input type="hidden" name="token" value={data.token} />
		<DoorField
			name="passphrase"
			label="A passphrase"
			type="password"
			autocomplete="new-password"
			hint="Twelve characters or more. Four words that do not belong together will do; pasting is fine."
		/>
		<label class="flex min-h-11 items-center gap-2">
			<input class="checkbox" type="checkbox" name="keep_passkeys" value="yes" />
			Keep my passkeys. Leave this empty if you lost a device.
		</label>
		<button class="btn btn-accent">Use this one from now on</button>
	</form>
	<p><a class="link-row" href="/sign-in/forgot">Ask for another way back</a></p>
</DoorPage>
