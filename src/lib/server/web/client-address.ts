import { log } from '../base/log';

interface Asked {
	readonly getClientAddress: () => string;
	readonly request: Request;
	readonly platform?: Readonly<App.Platform> | undefined;
}

/** What a proxy adds to a request that it passes on. */
const proxyHeaders = ['x-forwarded-for', 'forwarded', 'x-real-ip'];
let isProxySeen = false;
let isAbsentSaid = false;

/** Notes a request that came by way of a proxy nobody named: all who come by it count as one. */
export function noteProxy(headers: Headers): void {
	if (isProxySeen || process.env.ADDRESS_HEADER) return;
	if (!proxyHeaders.some((name) => headers.has(name))) return;
	isProxySeen = true;
	log.warn(
		'Requests come by way of a proxy, and ADDRESS_HEADER does not say which of its headers names the visitor: all who come by it count as one.'
	);
}

/** Whether requests came by way of a proxy nobody named. */
export const isProxyUnnamed = (): boolean => isProxySeen;

/**
 * Where a request comes from, as tries are counted by it. Where the header that should say so is absent, all who come
 * so count as one: that is said once, and refuses nobody.
 */
export function clientAddress({ getClientAddress }: Asked): string {
	try {
		return getClientAddress();
	} catch {
		if (!isAbsentSaid)
			log.warn(
				`A request came without ${process.env.ADDRESS_HEADER ?? 'an address'}: all that come so count as one.`
			);
		isAbsentSaid = true;
		return 'unknown';
	}
}
