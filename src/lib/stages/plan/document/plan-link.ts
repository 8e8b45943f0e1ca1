import type { Plan } from '$lib/core/model/types';
import { toSnakeKeys } from './case';

/** Base64 with the letters an address can hold, of UTF-8 text. */
const toBase64Url = (text: string): string =>
	btoa(String.fromCharCode(...new TextEncoder().encode(text)))
		.replaceAll('+', '-')
		.replaceAll('/', '_')
		.replaceAll('=', '');

/** A plan as one word of an address. */
export const planToWord = (plan: Plan): string => toBase64Url(JSON.stringify(toSnakeKeys(plan)));
