<script lang="ts">
	// Reads a square code with the camera, wherever one could be typed instead.
	import { CameraCode as say } from '$lib/words/common';
	import { Camera } from './camera.svelte';

	interface Props {
		/** What is done with what was read; a sentence where it is not what is wanted, and the camera looks on. */
		onread: (text: string) => string | null;
	}
	const { onread }: Props = $props();
	const camera = new Camera();
	let problem = $state('');

	async function start(): Promise<void> {
		problem = (await camera.start()) ? '' : say.noCamera();
		if (problem) return;
		const { default: readSquare } = await import('jsqr');
		while (camera.isOn) {
			await new Promise((resolve) => setTimeout(resolve, 150));
			// A quarter of what most cameras see is enough for a label held close, and quick on an old phone.
			const at = camera.seen(480);
			if (!at) continue;
			const { width, height } = at.canvas;
			const read = readSquare(at.getImageData(0, 0, width, height).data, width, height)?.data;
			if (!read) continue;
			problem = onread(read) ?? '';
			if (problem === '') camera.stop();
		}
	}
</script>

{#if camera.isThere}
	{#if camera.isOn}
		<div class="sheet grid gap-2 p-3">
			<p>{say.pointTheCamera()}</p>
			<video
				class="max-h-[50vh] w-full rounded-lg bg-black"
				bind:this={camera.video}
				playsinline
				muted
			></video>
			<button type="button" class="btn" onclick={() => camera.stop()}>{say.stop()}</button>
		</div>
	{:else}
		<button type="button" class="btn font-normal" onclick={() => void start()}
			>{say.readALabel()}</button
		>
	{/if}
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
{/if}
