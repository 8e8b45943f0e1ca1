import * as gatherWords from '$lib/words/gather';
import { describe, expect, it } from 'vitest';
import { TypedForm } from '$lib/entries/typed-form.svelte';
import type { Outbox } from '$lib/entries/outbox.svelte';
import { shelvesOf, tallestPx } from './shelves';
import { Taps } from './taps.svelte';

const begin = () => {
	const start = { place: 'Ferry kiosk', strand: '', stuffing: '', drying: '', rejected: '' };
	const form = new TypedForm('sorting', start, {} as Outbox);
	return { form, taps: new Taps(form, 'nest-row sorting test') };
};
const counted = ({ strand, stuffing, drying, rejected }: Record<string, string>) => [
	strand,
	stuffing,
	drying,
	rejected
];

describe('bags tapped onto piles', () => {
	it('count in the fields of the form, and go out of them again one act at a time', () => {
		const { form, taps } = begin();
		taps.add('sound', 20);
		taps.add('hole-at-edge', 1);
		taps.add('damp', 1);
		taps.add('soiled', 1);
		expect(counted(form.typed)).toEqual(['21', '', '1', '1']);
		expect([taps.onPile.sound, taps.onPile['hole-at-edge'], taps.all]).toEqual([20, 1, 23]);
		taps.undo();
		taps.undo();
		expect(counted(form.typed)).toEqual(['21', '', '', '']);
		for (let more = 0; more < 9; more++) taps.undo();
		expect(counted(form.typed)).toEqual(['', '', '', '']);
		expect(taps.all).toBe(0);
	});

	it('join what was typed, and never go over what cannot be read', () => {
		const { form, taps } = begin();
		form.typed.strand = '40';
		taps.add('sound', 1);
		expect(form.typed.strand).toBe('41');
		form.typed.stuffing = 'a few';
		taps.add('hole-in-body', 1);
		expect(form.typed.stuffing).toBe('a few');
		expect(form.problems.stuffing).toBe(gatherWords.taps.putThisNumberRightFirst());
		expect(taps.all).toBe(1);
	});

	it('leave the piles when their count is kept or typed over, and not before', () => {
		const { form, taps } = begin();
		taps.add('sound', 20);
		form.typed.strand = '25';
		taps.settle();
		expect(taps.all).toBe(20);
		form.typed.strand = '';
		taps.settle();
		expect(taps.all).toBe(0);
	});
});

describe('the shelves', () => {
	const line = (kind: string, colour: string, form: string, amount: number) =>
		({ kindId: kind, kind, colour, form, amount, movedAt: new Date() }) as never;

	it('stack film as high as there is of it, all to one scale, and lay the rest beside', () => {
		const shelves = shelvesOf([
			line('thin', 'white', 'bag', 50),
			line('thin', 'blue', 'bag', 200),
			line('thin', 'blue', 'stuffing', 20),
			line('thin', 'blue', 'ball', 2),
			line('pouch', 'clear', 'bag', 100),
			line('pouch', 'clear', 'bag', 1)
		]);
		expect(shelves.map(({ kind }) => kind)).toEqual(['thin', 'pouch']);
		expect(
			shelves[0]?.stacks.map(({ colour, form, heightPx }) => [colour, form, heightPx])
		).toEqual([
			['blue', 'bag', tallestPx],
			['white', 'bag', tallestPx / 4],
			['blue', 'stuffing', tallestPx / 10]
		]);
		expect(shelves[0]?.beside.map(({ form }) => form)).toEqual(['ball']);
		expect(shelves[1]?.stacks.map(({ heightPx }) => heightPx)).toEqual([tallestPx / 2, 3]);
	});

	it('are none where there is nothing', () => expect(shelvesOf([])).toEqual([]));
});
