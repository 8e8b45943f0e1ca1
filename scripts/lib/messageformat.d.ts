declare module '@messageformat/core/compile-module' {
	import type MessageFormat from '@messageformat/core';

	/** The source of a module that holds every message of a tree as a function. */
	export default function compileModule(
		messages: MessageFormat,
		tree: Record<string, Record<string, string>>
	): string;
}
