import { type Db } from '../../src/lib/server/db/db';
import jsQR from 'jsqr';
import { PDFDocument } from '@cantoo/pdf-lib';
import { beforeEach, describe, expect, it } from 'vitest';
import { labelPicture } from '../../src/lib/server/sheets/label-picture';
import { labelSheet } from '../../src/lib/server/sheets/label-sheet';
import { reserveCodes } from '../../src/lib/server/book/codes';
import {
	dropWaiting,
	handlePrinter,
	noteSheet,
	printWaiting,
	queueLabels,
	standInPrinter
} from '../../src/lib/server/prepare/label-printer';
import { blankLabels, labelsOf } from '../../src/lib/server/prepare/labels';
import { listBalls } from '../../src/lib/server/prepare/balls';
import { readPng } from '../unit/read-png';
import { useDatabase } from './database';
import { keep, newGroup } from './samples';
import { aTable } from './table';

useDatabase();
const key = () => crypto.randomUUID();

describe('the small printer', () => {
	let group: Db;
	let codes: readonly string[] = [];
	beforeEach(async () => {
		group = await newGroup();
		codes = (await reserveCodes(group, key(), 12))?.codes ?? [];
		await queueLabels(group, key(), codes);
	});
	const state = () => standInPrinter(group).state();

	it('prints what waits in its order, each once, and a resend lets none wait twice', async () => {
		const sent = key();
		await queueLabels(group, sent, codes.slice(0, 2));
		await queueLabels(group, sent, codes.slice(0, 2));
		expect((await state()).waiting).toEqual([...codes, ...codes.slice(0, 2)]);
		expect(await printWaiting(standInPrinter(group))).toBe(14);
		expect(await state()).toMatchObject({ labelsLeft: 26, waiting: [], trouble: null });
	});

	it('out of labels, open or jammed it stops, and goes on where it stopped: none twice, none lost', async () => {
		const printer = standInPrinter(group);
		const out: string[] = [];
		const printed = async (most: number) => {
			for (let nth = 0; nth < most; nth++) {
				const next = await printer.printNext();
				if (next && 'code' in next) out.push(next.code);
				else return next;
			}
			return null;
		};
		await printed(3);
		await handlePrinter(group, 'jam');
		expect(await printed(9)).toEqual({ trouble: 'jammed' });
		expect(await state()).toMatchObject({ labelsLeft: 36, trouble: 'jammed' });
		await handlePrinter(group, 'unjam');
		await printed(2);
		await handlePrinter(group, 'open-cover');
		expect(await printed(9)).toEqual({ trouble: 'cover-open' });
		await handlePrinter(group, 'close-cover');
		await handlePrinter(group, 'empty-roll');
		expect(await printed(9)).toEqual({ trouble: 'out-of-labels' });
		await handlePrinter(group, 'new-roll');
		expect(await printed(99)).toBeNull();
		expect(out).toEqual(codes);
	});

	it('asked by eight at once prints each label once', async () => {
		const printer = standInPrinter(group);
		const printed = await Promise.all(Array.from({ length: 20 }, () => printer.printNext()));
		const out = printed.flatMap((next) => (next && 'code' in next ? [next.code] : []));
		expect(out.toSorted()).toEqual(codes.toSorted());
		expect((await state()).labelsLeft).toBe(28);
	});

	it('lets go of what is not wanted any more', async () => {
		expect(await dropWaiting(group)).toBe(12);
		expect(await standInPrinter(group).printNext()).toBeNull();
	});
});

describe('a label', () => {
	it('says what is in its ball, and its square code opens its page', async () => {
		const t = await aTable(20);
		for (const act of [t.flatten(20), t.cut(20), t.join(80), t.ball(20, { massG: 66 })])
			await keep(t.group, key(), act, new Date('2026-11-26T19:00:00Z'));
		const [ball] = await listBalls(t.group);
		const [label] = await labelsOf(t.group, [ball?.code ?? ''], 'http://127.0.0.1:4173', 'cm');
		expect(label).toEqual({
			code: ball?.code,
			address: `http://127.0.0.1:4173/prepare/things/${ball?.code}`,
			lines: ['blue ball', '20 × Thin carrier', 'loops, 71 mm', '35 m (32–39)', '26 Nov · A mat']
		});
		if (!label) return;
		const { width, height, data } = readPng(
			await labelPicture({ label, widthMm: 62, heightMm: 29 })
		);
		expect([width, height]).toEqual([744, 348]);
		expect(jsQR(data, width, height)?.data).toBe(label.address);
	});

	it('is marked once it went out on a sheet, and the small printer knows nothing of that', async () => {
		const t = await aTable(40);
		for (const act of [t.flatten(40), t.cut(40), t.join(160), t.ball(20), t.ball(20)])
			await keep(t.group, key(), act, new Date('2026-11-26T19:00:00Z'));
		const [one, other] = await listBalls(t.group);
		const sheet = key();
		expect(await noteSheet(t.group, sheet, [one?.code ?? '', 'ZZZZZ'])).toBe(1);
		expect(await noteSheet(t.group, sheet, [one?.code ?? ''])).toBe(0);
		const marks = Object.fromEntries(
			(await listBalls(t.group)).map(({ code, isPrinted }) => [code, isPrinted])
		);
		expect(marks).toEqual({ [one?.code ?? '']: true, [other?.code ?? '']: false });
		expect(await standInPrinter(t.group).state()).toMatchObject({ waiting: [], printed: [] });
	});

	it('is printed blank from codes that were set aside, a sheet of 24 as one page', async () => {
		const group = await newGroup();
		const block = await reserveCodes(group, key(), 24);
		const labels = await blankLabels(group, block?.id ?? 0, 'http://hall');
		expect(labels.map(({ code }) => code)).toEqual(block?.codes);
		const pages = async (begin: number) => {
			const order = { title: 'Labels', labels, paper: 'a4', size: 'middle', begin } as const;
			return (await PDFDocument.load(await labelSheet(order))).getPageCount();
		};
		expect(await pages(0)).toBe(1);
		expect(await pages(1)).toBe(2);
	});
});
