import type { Plan } from '$lib/core/model/types';

const always =
	'The receiving place’s own rules and the local fire, hygiene and safeguarding rules come first; ask the people responsible.';
const film =
	'Film can suffocate: keep bags, scraps, mats and pillows away from babies and small children, and never offer a mat for an infant to sleep on. Film burns and drips: away from heaters, stoves, candles and cigarettes.';
const hands =
	'Repeated work tires hands: take breaks, change seats, and stop when something hurts.';
const blade =
	'Rolling blades are for trained adults: cut away from the body, wear gloves, close the blade when it is put down. Children and unsteady hands get blunt scissors or another seat.';
const scissors = 'Children and unsteady hands get blunt scissors or another seat.';
const hygiene =
	'Gloves or washed hands for used bags; nothing mouldy, nothing from medical or chemical use.';
const rods = 'Rods sit under tension: mind eyes and fingers when they come out.';
const barrier =
	'A mat is a barrier against cold, wet ground; it is not a medical, rescue or fire-rated product. Plastic is slippery on floors.';

/** The cautions of a page that asks for bags. */
export const askCautions: readonly string[] = [
	'Bags can suffocate: keep them away from babies and small children. Plastic burns and drips: away from heaters and stoves.',
	hygiene,
	'Where you collect them, your own house rules on hygiene and fire come first; ask the person responsible.'
];

/** The cautions that go on a sheet: those of the act it is for, and the ones that always go. */
export const sheetCautions = {
	plan: [barrier, film, always],
	cutting: ({ work }: Plan): string[] => [
		work?.cuttingTool === 'rolling-blade' ? blade : scissors,
		hygiene,
		'Bag loose scraps at the table; they blow away.',
		always
	],
	byHand: [hands, film, always],
	underTension: [rods, hands, film, always]
} as const;
