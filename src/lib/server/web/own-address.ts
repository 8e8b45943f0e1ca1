/** Whether this application is reached on its own machine alone, so that an address of it opens nowhere else. */
export const isOnlyHere = (url: URL): boolean =>
	['127.0.0.1', 'localhost', '[::1]'].includes(url.hostname);
