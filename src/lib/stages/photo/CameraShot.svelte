<script lang="ts">
	// A picture by this device's own camera, seen before it is taken.
	import { CameraShot as say } from '$lib/words/photo';
	import { onDestroy, onMount, tick } from 'svelte';

	const { onpicture }: { onpicture: (picture: Blob) => void } = $props();
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
			stream = await navigator.mediaDevices.getUserMedia({
				video: { facingMode: 'environment', width: { ideal: 2400 }, height: { ideal: 1800 } }
			});
		} catch {
			problem = say.noCamera();
			return;
		}
		await tick();
		if (!video) return;
		video.srcObject = stream;
		await video.play();
	}
	function take(): void {
		if (!video?.videoWidth) return;
		const canvas = document.createElement('canvas');
		canvas.width = video.videoWidth;
		canvas.height = video.videoHeight;
		canvas.getContext('2d')?.drawImage(video, 0, 0);
		canvas.toBlob(
			(picture) => {
				if (!picture) return;
				stop();
				onpicture(picture);
			},
			'image/jpeg',
			0.95
		);
	}
</script>

{#if isThere}
	{#if stream}
		<div class="sheet grid w-full gap-2 p-3">
			<video class="max-h-[60vh] w-full rounded-lg bg-black" bind:this={video} playsinline muted
			></video>
			<p class="flex flex-wrap gap-2">
				<button type="button" class="btn btn-accent" onclick={take}>{say.takeIt()}</button>
				<button type="button" class="btn" onclick={stop}>{say.stop()}</button>
			</p>
		</div>
	{:else}
		<button type="button" class="btn font-normal" onclick={() => void start()}
			>{say.useThisCamera()}</button
		>
	{/if}
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
{/if}
