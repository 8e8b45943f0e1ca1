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
