import { besideWords as msg } from '$lib/words/table-day';
import type { BesideWork } from '$lib/core/assembly-line/beside';
import { besideSeconds, besideWorks } from '$lib/core/assembly-line/beside';
import type { PlannedDay } from './day-view';

/** The fields that say what is wanted beside the line. */
export const besideFields = {
	load: 'strands_wanted',
	finish: 'finishes_wanted',
	check: 'checks_wanted',
	pillows: 'pillows_wanted'
} as const satisfies Record<BesideWork, string>;

export const besideLabels: Readonly<Record<BesideWork, string>> = {
	load: msg.loomStrandsToLay(),
	finish: msg.matsToFinish(),
	check: msg.matsToCheck(),
	pillows: msg.pillowsToStuff()
};

const nouns: Readonly<Record<BesideWork, readonly [one: string, many: string]>> = {
	load: [msg.loomStrandToLay(), msg.loomStrandsToLay2()],
	finish: [msg.matToFinish(), msg.matsToFinish2()],
	check: [msg.matToCheck(), msg.matsToCheck2()],
	pillows: [msg.pillowToStuff(), msg.pillowsToStuff2()]
};

/** What is wanted of a day beside the line, in words: `12 loom strands to lay`. */
export const besideWanted = ({ besides }: Pick<PlannedDay, 'besides'>): string[] =>
	besideWorks.flatMap((work) => {
		const count = besides[work];
		return count > 0 ? [`${count} ${nouns[work][count === 1 ? 0 : 1]}`] : [];
	});

/** What nobody is left for beside the line, in a sentence; empty where all of it is seated. */
export function undoneWords(undone: Partial<Readonly<Record<BesideWork, number>>>): string {
	const left = besideWorks.flatMap((work) => {
		const count = Math.ceil((undone[work] ?? 0) / besideSeconds(work) - 1e-6);
		return count > 0 ? [`${count} ${nouns[work][count === 1 ? 0 : 1]}`] : [];
	});
	return left.length === 0 ? '' : msg.nobodyIsLeftForMore({ left: left.join(', ') });
}
