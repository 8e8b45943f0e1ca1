/** What methods are compared on: few bags, few hours, close cover. */
export interface Compared {
	readonly bags: number;
	readonly hours: number;
	/** Cover as a share of what is close in its technique. */
	readonly cover: number;
}

/**
 * Which methods no other beats: none has as few bags, as few hours and as close a cover, and is
 * better in one of them. Walks up by bags, so that only what came before can beat, and keeps of that
 * a staircase: hours going up, cover going up with them.
 * @example paretoFront([{ bags: 600, hours: 30, cover: 1 }, { bags: 500, hours: 40, cover: 1 }, { bags: 600, hours: 31, cover: 1 }]) // [true, true, false]
 */
export function paretoFront(methods: readonly Compared[]): boolean[] {
	const order = methods
		.map((_, index) => index)
		.sort((a, b) => {
			const [p, q] = [methods[a] as Compared, methods[b] as Compared];
			return p.bags - q.bags || p.hours - q.hours || q.cover - p.cover;
		});
	const marks = Array<boolean>(methods.length).fill(false);
	const stairs: Compared[] = [];
	for (const index of order) {
		const method = methods[index] as Compared;
		const after = firstAbove(stairs, method.hours);
		const rival = stairs[after - 1];
		if (rival && isBeaten(method, rival)) continue;
		marks[index] = true;
		if (rival?.cover === method.cover) continue;
		// Steps that take as long and cover no closer are no steps any more.
		let from = after;
		while (from > 0 && stairs[from - 1]?.hours === method.hours) from--;
		let to = after;
		while (to < stairs.length && (stairs[to] as Compared).cover <= method.cover) to++;
		stairs.splice(from, to - from, method);
	}
	return marks;
}

/** Whether the closest of the quicker ones, with no more bags, beats a method; one that is equal in all does not. */
const isBeaten = (method: Compared, rival: Compared): boolean =>
	rival.cover > method.cover ||
	(rival.cover === method.cover && (rival.hours < method.hours || rival.bags < method.bags));

/** The first step that takes longer than so many hours. */
function firstAbove(stairs: readonly Compared[], hours: number): number {
	let low = 0;
	let high = stairs.length;
	while (low < high) {
		const middle = (low + high) >> 1;
		if ((stairs[middle] as Compared).hours <= hours) low = middle + 1;
		else high = middle;
	}
	return low;
}
