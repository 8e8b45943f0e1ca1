/** Waits for what is under way, however it ends, and so many milliseconds at most. */
export async function atMost(ms: number, under: Promise<unknown> | null): Promise<void> {
	if (!under) return;
	let timer: ReturnType<typeof setTimeout> | undefined;
	const tired = new Promise((resolve) => {
		timer = setTimeout(resolve, ms);
	});
	await Promise.race([under.catch(() => {}), tired]);
	clearTimeout(timer);
}
