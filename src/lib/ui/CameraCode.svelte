<script lang="ts">
	// Reads a square code with the camera, wherever one could be typed instead.
	import { CameraCode as say } from '$lib/words/common';
	import { onDestroy, onMount, tick } from 'svelte';

	interface Props {
		/** What is done with what was read; a sentence where it is not what is wanted, and the camera looks on. */
		onread: (text: string) => string | null;
	}
	const { onread }: Props = $props();
	let video = $state<HTMLVideoElement>();
	let stream = $state<MediaStream | null>(null);
	let problem = $state('');
	let isThere = $state(false);
	onMount(() => {
		isThere = 'mediaDevices' in navigator;
	});

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
		await tick();
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
			problem = onread(read) ?? '';
			if (problem === '') stop();
		}
	}
</script>

{#if isThere}
	{#if stream}
		<div class="sheet grid gap-2 p-3">
			<p>{say.pointTheCamera()}</p>
			<video class="max-h-[50vh] w-full rounded-lg bg-black" bind:this={video} playsinline muted
			></video>
			<button type="button" class="btn" onclick={stop}>{say.stop()}</button>
		</div>
	{:else}
		<button type="button" class="btn font-normal" onclick={() => void start()}
			>{say.readALabel()}</button
		>
	{/if}
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
{/if}
