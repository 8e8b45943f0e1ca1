import type { Tool } from '$lib/core/tools/tools';

/** A tool of the list: what it is, what it is called, and how many there are. */
export interface ToolLine {
	readonly id: string;
	readonly name: string;
	readonly count: number;
	readonly tool: Tool;
}
