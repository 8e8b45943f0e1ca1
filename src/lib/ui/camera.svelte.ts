import { onDestroy, onMount, tick } from 'svelte';

/** This device's camera, shown in a page while it looks; it is let go with the component that began it. */
export class Camera {
	/** Whether the device has one, as far as that is told. */
	isThere = $state(false);
	isOn = $state(false);
	/** Where it is shown. */
	video = $state<HTMLVideoElement>();
	#stream: MediaStream | null = null;
	/** One for all that is seen: a code is looked for many times in a second. */
	#canvas: HTMLCanvasElement | null = null;

	constructor() {
		onMount(() => {
			this.isThere = 'mediaDevices' in navigator;
		});
		onDestroy(() => this.stop());
	}

	/** Begins to look; false where it cannot be used. */
	async start(wanted: MediaTrackConstraints = {}): Promise<boolean> {
		try {
			this.#stream = await navigator.mediaDevices.getUserMedia({
				video: { facingMode: 'environment', ...wanted }
			});
		} catch {
			return false;
		}
		this.isOn = true;
		await tick();
		if (!this.video) return true;
		this.video.srcObject = this.#stream;
		await this.video.play();
		return true;
	}

	stop(): void {
		for (const track of this.#stream?.getTracks() ?? []) track.stop();
		this.#stream = null;
		this.isOn = false;
	}

	/** What it sees now, at most so wide; null while it sees nothing. */
	seen(widest = Infinity): CanvasRenderingContext2D | null {
		const { video } = this;
		if (!video?.videoWidth) return null;
		const canvas = (this.#canvas ??= document.createElement('canvas'));
		const by = Math.min(1, widest / video.videoWidth);
		canvas.width = Math.round(video.videoWidth * by);
		canvas.height = Math.round(video.videoHeight * by);
		const at = canvas.getContext('2d', { willReadFrequently: true });
		at?.drawImage(video, 0, 0, canvas.width, canvas.height);
		return at;
	}
}
