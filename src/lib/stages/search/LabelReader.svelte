<script lang="ts">
	// Reads a label's square code with the camera, and goes where it leads.
	import { SearchPage as say } from '$lib/words/house';
	import CameraCode from '$lib/ui/CameraCode.svelte';
	import { goto } from '$app/navigation';
	import { labelAddress } from '$lib/ui/label-address';

	function open(read: string): string | null {
		const address = labelAddress(read);
		if (address === null) return say.notOurs();
		void goto(address);
		return null;
	}
</script>

<CameraCode onread={open} />
