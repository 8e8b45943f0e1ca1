<script lang="ts">
	// A picture by this device's own camera, seen before it is taken.
	import { CameraShot as say } from '$lib/words/photo';
	import { Camera } from '$lib/ui/camera.svelte';

	const { onpicture }: { onpicture: (picture: Blob) => void } = $props();
	const camera = new Camera();
	let problem = $state('');

	async function start(): Promise<void> {
		problem = (await camera.start({ width: { ideal: 2400 }, height: { ideal: 1800 } }))
			? ''
			: say.noCamera();
	}
	function take(): void {
		camera.seen()?.canvas.toBlob(
			(picture) => {
				if (!picture) return;
				camera.stop();
				onpicture(picture);
			},
			'image/jpeg',
			0.95
		);
	}
</script>

{#if camera.isThere}
	{#if camera.isOn}
		<div class="sheet grid w-full gap-2 p-3">
			<video
				class="max-h-[60vh] w-full rounded-lg bg-black"
				bind:this={camera.video}
				playsinline
				muted
			></video>
			<p class="flex flex-wrap gap-2">
				<button type="button" class="btn btn-accent" onclick={take}>{say.takeIt()}</button>
				<button type="button" class="btn" onclick={() => camera.stop()}>{say.stop()}</button>
			</p>
		</div>
	{:else}
		<button type="button" class="btn font-normal" onclick={() => void start()}
			>{say.useThisCamera()}</button
		>
	{/if}
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
{/if}
