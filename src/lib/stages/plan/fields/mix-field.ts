import { bagFigureCount, bagOfFigures, figuresOfBag } from '$lib/core/bag/bag-figures';
import { isWithin } from '$lib/core/domain-error';
import { mostAlso, planLimits } from '$lib/core/model/limits';
import type { AlsoKind, PlanMix } from '$lib/core/model/types';

const amountOf = (text: string | undefined): number | null => {
	const amount = Number(text);
	return text !== undefined && isWithin(amount, planLimits['mix.amount']) ? amount : null;
};

const limits = [
	planLimits['bag.flat_width_mm'],
	planLimits['bag.gusset_mm'],
	planLimits['bag.body_mm'],
	planLimits['bag.handle_mm'],
	planLimits['bag.mass_g']
] as const;

/** Measures without the noise of arithmetic. */
const plain = (value: number): string => String(Number(value.toPrecision(12)));

/**
 * Further kinds of bag as one field has them: `share 0.5 | 380 60 430 140 14 0.3 shop bag`, millimetres
 * and grams. Empty where the plan has its own kind alone.
 */
export function mixText(mix: PlanMix | undefined): string {
	if (!mix) return '';
	const kinds = mix.also.map(({ name, bag, amount }) => {
		const figures = [...figuresOfBag(bag), amount].map(plain).join(' ');
		// What stands between kinds cannot stand in a name.
		return name === undefined ? figures : `${figures} ${name.replaceAll('|', '/')}`;
	});
	return [`${mix.by} ${plain(mix.amount)}`, ...kinds].join(' | ');
}

function kindOf(text: string): AlsoKind | null {
	const parts = text.trim().split(/\s+/);
	const figures = parts.slice(0, bagFigureCount).map(Number);
	if (
		figures.length < bagFigureCount ||
		figures.some((value, at) => !isWithin(value, limits[at] ?? {}))
	)
		return null;
	const amount = amountOf(parts[bagFigureCount]);
	if (amount === null) return null;
	const name = parts
		.slice(bagFigureCount + 1)
		.join(' ')
		.slice(0, 80);
	return { ...(name !== '' && { name }), bag: bagOfFigures(figures), amount };
}

/** Reads the field; what is no kind is left out. */
export function readMix(text: string): PlanMix | undefined {
	const [head = '', ...rest] = text.split('|');
	const [by, said] = head.trim().split(/\s+/);
	const amount = amountOf(said);
	if ((by !== 'share' && by !== 'count') || amount === null) return undefined;
	const also = rest.flatMap((one) => kindOf(one) ?? []).slice(0, mostAlso);
	return also.length > 0 ? { by, amount, also } : undefined;
}
