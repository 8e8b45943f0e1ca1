<script lang="ts">
	// Reads a label's square code with the camera. Without one, the code is typed.
	import { SearchPage as say } from '$lib/words/house';
	import { goto } from '$app/navigation';
	import { onDestroy } from 'svelte';
	import { labelAddress } from './label-address';

	let video = $state<HTMLVideoElement>();
	let stream = $state<MediaStream | null>(null);
	let problem = $state('');

	function stop(): void {
		for (const track of stream?.getTracks() ?? []) track.stop();
		stream = null;
	}
	onDestroy(stop);

	async function start(): Promise<void> {
		problem = '';
		try {
			stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
		} catch {
			problem = say.noCamera();
			return;
		}
		const { default: readSquare } = await import('jsqr');
		if (!video) return;
		video.srcObject = stream;
		await video.play();
		const canvas = document.createElement('canvas');
		const at = canvas.getContext('2d', { willReadFrequently: true });
		while (stream && at) {
			await new Promise((resolve) => setTimeout(resolve, 150));
			if (!video?.videoWidth) continue;
			// A quarter of what most cameras see is enough for a label held close, and quick on an old phone.
			canvas.width = 480;
			canvas.height = Math.round((480 * video.videoHeight) / video.videoWidth);
			at.drawImage(video, 0, 0, canvas.width, canvas.height);
			const { data, width, height } = at.getImageData(0, 0, canvas.width, canvas.height);
			const read = readSquare(data, width, height)?.data;
			if (!read) continue;
			const address = labelAddress(read);
			if (address === null) {
				problem = say.notOurs();
				continue;
			}
			stop();
			await goto(address);
		}
	}
</script>

{#if stream}
	<div class="sheet grid gap-2 p-3">
		<p>{say.pointTheCamera()}</p>
		<video class="max-h-[50vh] w-full rounded-lg bg-black" bind:this={video} playsinline muted
		></video>
		<button type="button" class="btn" onclick={stop}>{say.stop()}</button>
	</div>
{:else}
	<button type="button" class="btn" onclick={() => void start()}>{say.readALabel()}</button>
{/if}
{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
