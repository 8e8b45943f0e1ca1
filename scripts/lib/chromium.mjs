// Debian's Chromium with everything that reaches for the network turned off.
export const chromiumArguments = [
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];

/** A line of 400 kbit a second, 400 ms long. @param {import('@playwright/test').Page} page */
export async function slowLine(page) {
	const session = await page.context().newCDPSession(page);
	await session.send('Network.enable');
	await session.send('Network.emulateNetworkConditions', {
		offline: false,
		latency: 400,
		downloadThroughput: 400_000 / 8,
		uploadThroughput: 400_000 / 8
	});
}
