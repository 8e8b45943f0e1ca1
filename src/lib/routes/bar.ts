import { names } from '$lib/words/routes';
import { messageNamed } from '$lib/words/message-named';
import { routes } from './table.mjs';

/** A page as the bar names it. */
export interface BarLink {
	readonly href: string;
	readonly label: string;
}

/** What the bar leads to: the stages in the order of the work, and the parts of each. */
export interface StageNavigation {
	readonly stages: readonly BarLink[];
	/** Those of them that a phone's bar has room for. */
	readonly onPhone: readonly BarLink[];
	readonly parts: Readonly<Record<string, readonly BarLink[]>>;
	/** What the browser calls each page, by its route. */
	readonly titles: Readonly<Record<string, string>>;
}

const called = (name: string): string => messageNamed(names, name);
const all = Object.entries(routes);
const parts: Record<string, BarLink[]> = {};
for (const [href, { part }] of all)
	if (part) (parts[part.of] ??= []).push({ href, label: called(part.label) });
const stages = all.flatMap(([href, { stage, isOnPhone }]) =>
	stage ? [{ href, label: called(stage), isOnPhone }] : []
);
const asLink = ({ href, label }: BarLink): BarLink => ({ href, label });

export const bar: StageNavigation = {
	stages: stages.map(asLink),
	onPhone: stages.filter(({ isOnPhone }) => isOnPhone).map(asLink),
	parts,
	titles: Object.fromEntries(
		all.flatMap(([route, { title, part, stage }]) => {
			const name = title ?? part?.label ?? stage;
			return name === undefined ? [] : [[route, called(name)]];
		})
	)
};
