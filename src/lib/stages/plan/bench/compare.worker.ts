// The field of all methods, off the page's own thread. It keeps the methods and sends figures;
// a method is sent when it is asked for.
import type { ComparedMethod } from '$lib/core/compare/compare-all';
import { compareAll } from '$lib/core/compare/compare-all';
import type { Practice } from '$lib/core/practice/practice';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import { techniqueKinds } from '$lib/core/techniques/technique';
import type { Plan } from '$lib/core/model/types';

export type ToWorker =
	| {
			readonly ask: 'compare';
			readonly run: number;
			readonly plan: Plan;
			/** What the group has measured. */
			readonly practice: Practice;
	  }
	| { readonly ask: 'method'; readonly run: number; readonly index: number };

export type FromWorker =
	| { readonly tell: 'progress'; readonly run: number; readonly share: number }
	| {
			readonly tell: 'field';
			readonly run: number;
			readonly bags: Float64Array;
			readonly hours: Float64Array;
			readonly cover: Float64Array;
			/** Which technique, by its place in `techniqueKinds`. */
			readonly kinds: Uint8Array;
			readonly front: readonly (ComparedMethod & { readonly index: number })[];
	  }
	| { readonly tell: 'method'; readonly run: number; readonly method: ComparedMethod | null };

let methods: ComparedMethod[] = [];
const tell = (message: FromWorker, moved: Transferable[] = []) =>
	self.postMessage(message, { transfer: moved });

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
	const { run } = data;
	if (data.ask === 'method') {
		tell({ tell: 'method', run, method: methods[data.index] ?? null });
		return;
	}
	const { bag, target, finish, work } = data.plan;
	methods = compareAll(bag, target, data.practice, {
		rest: { finish, work },
		onProgress: (share) => tell({ tell: 'progress', run, share })
	});
	const bags = Float64Array.from(methods, (method) => method.bags);
	const hours = Float64Array.from(methods, (method) => method.hours);
	const cover = Float64Array.from(methods, (method) => method.cover);
	const kinds = Uint8Array.from(methods, ({ technique }) =>
		techniqueKinds.indexOf(technique.kind satisfies TechniqueKind)
	);
	const front = methods.flatMap((method, index) =>
		method.isUnbeaten ? [{ ...method, index }] : []
	);
	tell({ tell: 'field', run, bags, hours, cover, kinds, front }, [
		bags.buffer,
		hours.buffer,
		cover.buffer,
		kinds.buffer
	]);
};
