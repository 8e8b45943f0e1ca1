import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { bagPresets } from '$lib/core/bag/presets';
import { barePractice } from '$lib/core/practice/practice';
import { estimatePlan } from '$lib/core/estimate/estimate';
import { fieldsOfPlan } from '../fields';
import { startingPlan } from '$lib/core/model/starting-plan';
import { afterPaint } from './after-paint';
import { Bench } from './bench.svelte';
import { History } from './history';
import { mostPins, readBenchDraft, readPins, writeBenchDraft, writePins } from './kept-here';
import { Pins } from './pins.svelte';
import { Shortcuts } from './shortcuts.svelte';
import { Unkept } from './unkept.svelte';

const newBench = () => new Bench(fieldsOfPlan(startingPlan, 'cm'), 'cm', 'us', barePractice);

/** A device's store, as a browser has it. */
function fakeStorage(): Storage {
	const held = new Map<string, string>();
	return {
		getItem: (key) => held.get(key) ?? null,
		setItem: (key, value) => void held.set(key, String(value)),
		removeItem: (key) => void held.delete(key),
		clear: () => held.clear(),
		key: (at) => [...held.keys()][at] ?? null,
		get length() {
			return held.size;
		}
	};
}
beforeEach(() => {
	vi.stubGlobal('localStorage', fakeStorage());
	vi.stubGlobal('sessionStorage', fakeStorage());
	vi.stubGlobal('HTMLElement', class {});
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('the bench', () => {
	it('makes the plan that its fields say', () => {
		const bench = newBench();
		expect(bench.plan).toEqual(startingPlan);
		expect(bench.isCurrent).toBe(true);
		bench.type({ mat_width: '1 m' });
		expect(bench.plan.target.widthMm).toBe(1000);
		expect(bench.estimate.model.mat.widthMm).toBeGreaterThan(950);
	});

	it('keeps the last plan that could be made while a field is not understood', () => {
		const bench = newBench();
		const before = bench.plan;
		bench.type({ mat_width: 'wide' });
		expect(bench.isCurrent).toBe(false);
		expect(bench.plan).toEqual(before);
		expect(bench.problemAt('mat_width')).toContain('“wide” was not understood');
		expect(bench.problemAt('mat_length')).toBeNull();
		bench.type({ mat_width: '90' });
		expect(bench.isCurrent).toBe(true);
		expect(bench.problemAt('mat_width')).toBeNull();
	});

	it('goes back and forward over settled choices, and forgets what was undone', () => {
		const bench = newBench();
		expect([bench.canUndo, bench.canRedo]).toEqual([false, false]);
		bench.choose({ mat_width: '90 cm' });
		bench.type({ mat_width: '95 cm' });
		bench.note();
		expect(bench.canUndo).toBe(true);
		bench.undo();
		expect(bench.plan.target.widthMm).toBe(900);
		bench.undo();
		expect(bench.plan.target.widthMm).toBe(850);
		expect(bench.canRedo).toBe(true);
		bench.redo();
		expect(bench.plan.target.widthMm).toBe(900);
		bench.choose({ mat_width: '80 cm' });
		expect(bench.canRedo).toBe(false);
		bench.redo();
		expect(bench.plan.target.widthMm).toBe(800);
	});

	it('keeps a hook that suits suiting, and leaves one that was chosen alone', () => {
		const bench = newBench();
		bench.choose({ hook: bench.fields.hook });
		bench.choosePreset('shop-bag');
		const suited = bench.fields.hook;
		bench.chooseEqualStrips('', 8);
		expect(Number(bench.fields.hook)).not.toBe(Number(suited));
		bench.choose({ hook: '19' });
		bench.chooseEqualStrips('', 2);
		expect(bench.fields.hook).toBe('19');
	});

	it('takes a preset, a kind of the group’s own, and knows a preset by its measures', () => {
		const bench = newBench();
		const bread = { flatWidthMm: 240, gussetMm: 0, bodyMm: 390, handleMm: 0, massG: 3.3 };
		bench.chooseBag(bread);
		expect(bench.fields.bag_preset).toBe('own');
		expect(bench.plan.bag).toEqual(bread);
		bench.chooseBag(bagPresets[1].bag);
		expect(bench.fields.bag_preset).toBe('shop-bag');
		bench.choosePreset('milk-pouch');
		expect(bench.plan.bag).toEqual(bagPresets[2].bag);
	});

	it.each(['crochet', 'peg-loom', 'twined', 'finger-bands'] as const)(
		'starts %s with a plan that can be made, and back again',
		(kind) => {
			const bench = newBench();
			bench.chooseTechnique(kind);
			expect(bench.isCurrent).toBe(true);
			expect(bench.plan.technique.kind).toBe(kind);
			bench.chooseTechnique('crochet');
			expect(bench.isCurrent).toBe(true);
			expect(bench.plan.technique.kind).toBe('crochet');
		}
	);

	it.each(['loops', 'spiral', 'half-bag', 'whole-tube'] as const)(
		'cuts %s with the joint that goes with it',
		(style) => {
			const bench = newBench();
			bench.chooseStyle('', style);
			expect(bench.isCurrent).toBe(true);
			expect(bench.plan.cut.style).toBe(style);
			expect(bench.plan.join?.kind).toBe(style === 'spiral' ? 'overhand' : 'loop');
		}
	);

	it('trims by a school, and slides a strip width', () => {
		const bench = newBench();
		bench.chooseTrim('', 'close');
		expect(bench.plan.cut).toMatchObject({ trimBottomMm: 12, trimTopMm: 12 });
		bench.slideStripWidth('', 33);
		expect(bench.plan.cut).toMatchObject({ stripWidthMm: 33 });
	});

	it('says which other steps a choice changed, since the step was opened', () => {
		const bench = newBench();
		expect(bench.alsoChanged).toEqual([]);
		bench.chooseEqualStrips('', 8);
		const changed = bench.alsoChanged.map(({ step }) => step);
		expect(changed).toContain('join');
		expect(changed).not.toContain('cut');
		bench.open('bag');
		expect(bench.alsoChanged).toEqual([]);
		expect(bench.detail).toBeNull();
	});

	it('takes up a cure, with the joint that the new cut needs', () => {
		const bench = newBench();
		bench.patch({
			cut: { style: 'spiral', stripWidthMm: 40, trimBottomMm: 12, trimTopMm: 12 }
		});
		expect(bench.plan.cut.style).toBe('spiral');
		expect(bench.plan.join?.kind).toBe('overhand');
		bench.undo();
		expect(bench.plan).toEqual(startingPlan);
	});

	it('rewrites what is typed in other units, and means the same', () => {
		const bench = newBench();
		bench.useSystem('ft');
		expect(bench.fields.mat_length).toMatch(/ft|in/);
		expect(bench.plan.target.lengthMm).toBeCloseTo(1850, -1);
		expect(bench.canUndo).toBe(false);
		bench.useSystem('ft');
		expect(bench.readable(1800, 'mat')).toContain('ft');
	});
});

describe('what can be undone', () => {
	const same = (a: number, b: number) => a === b;

	it('is what was noted, once each, and no more than it holds', () => {
		const history = new History<number>(0, same, 3);
		for (const state of [1, 1, 2, 3, 4, 5]) history.note(state);
		const back = [];
		for (let state = history.undo(); state !== null; state = history.undo()) back.push(state);
		expect(back).toEqual([4, 3, 2]);
		expect([history.canUndo, history.canRedo]).toEqual([false, true]);
	});

	it('ends at both ends in nothing', () => {
		const history = new History<number>(0, same);
		expect(history.undo()).toBeNull();
		expect(history.redo()).toBeNull();
		history.note(1);
		expect(history.undo()).toBe(0);
		expect(history.redo()).toBe(1);
		expect(history.redo()).toBeNull();
	});
});

describe('what the device keeps', () => {
	const draft = {
		fields: fieldsOfPlan(startingPlan, 'cm'),
		name: 'Half done',
		system: 'cm',
		version: 3
	} as const;

	it('is a draft for each plan, of its tab alone', () => {
		writeBenchDraft('a', draft);
		expect(readBenchDraft('a')).toEqual(draft);
		expect(readBenchDraft('b')).toBeNull();
		expect(localStorage.length).toBe(0);
		writeBenchDraft('a', null);
		expect(readBenchDraft('a')).toBeNull();
	});

	it.each(['not JSON', '4', '{"name": "x"}', '{"name": "x", "fields": {"mat_width": 4}}'])(
		'is left alone where it is no draft: %s',
		(text) => {
			sessionStorage.setItem('nest-row draft a', text);
			expect(readBenchDraft('a')).toBeNull();
		}
	);

	it('is nothing where the device keeps nothing, and the bench works on', () => {
		vi.stubGlobal('sessionStorage', {
			getItem: () => {
				throw new Error('private');
			},
			setItem: () => {
				throw new Error('full');
			}
		});
		expect(() => writeBenchDraft('a', draft)).not.toThrow();
		expect(readBenchDraft('a')).toBeNull();
	});

	it('leaves out pins that cannot be made any more', () => {
		const good = { name: 'Good', plan: startingPlan };
		const bad = { name: 'Bad', plan: { ...startingPlan, target: { widthMm: -1, lengthMm: 1 } } };
		writePins([good, bad]);
		expect(readPins()).toEqual([good]);
		localStorage.setItem('nest-row pins', '{"no": "list"}');
		expect(readPins()).toEqual([]);
		localStorage.setItem('nest-row pins', JSON.stringify([null, { plan: 4 }, good]));
		expect(readPins()).toEqual([good]);
	});
});

describe('work that is not kept yet', () => {
	const begin = (place = 'a') => {
		const bench = newBench();
		return { bench, unkept: new Unkept(bench, place, () => 3, 'Kept as this') };
	};
	/** Remembers what stands there, a moment later. */
	const wait = (unkept: Unkept) => {
		vi.useFakeTimers();
		const stop = unkept.remember();
		vi.advanceTimersByTime(300);
		vi.useRealTimers();
		return stop;
	};

	it('comes back after a reload, with its name, and can be started over', () => {
		const { bench, unkept } = begin();
		unkept.recall(true);
		expect(unkept.isAsFirst).toBe(true);
		bench.choose({ mat_width: '99 cm' });
		unkept.name = 'Another name';
		expect(unkept.isAsFirst).toBe(false);
		expect(wait(unkept)).toBeTypeOf('function');

		const later = begin();
		later.unkept.recall(true);
		expect(later.unkept.isBroughtBack).toBe(true);
		expect(later.unkept.name).toBe('Another name');
		expect(later.bench.plan.target.widthMm).toBe(990);
		later.unkept.startOver();
		expect(later.unkept.name).toBe('Kept as this');
		expect(later.bench.plan).toEqual(startingPlan);
		later.bench.undo();
		expect(later.bench.plan.target.widthMm).toBe(990);
	});

	it('belongs to its own plan and its own version', () => {
		const { bench, unkept } = begin();
		unkept.recall(true);
		bench.choose({ mat_width: '99 cm' });
		wait(unkept);
		const other = begin('b');
		other.unkept.recall(true);
		expect(other.unkept.isBroughtBack).toBe(false);
		// Another version was kept meanwhile: what is typed is there still, and began from its own.
		const newer = new Unkept(newBench(), 'a', () => 4, '');
		expect(newer.recall(true)).toBe(3);
		expect(newer.isBroughtBack).toBe(true);
		const linked = begin();
		expect(linked.unkept.recall(false)).toBeNull();
		expect(linked.unkept.isBroughtBack).toBe(false);
	});

	it('is forgotten once it is kept', () => {
		const { bench, unkept } = begin();
		expect(unkept.remember()).toBeUndefined();
		unkept.recall(true);
		bench.choose({ mat_width: '99 cm' });
		wait(unkept);
		unkept.noteKept();
		expect(unkept.isAsFirst).toBe(true);
		wait(unkept);
		expect(readBenchDraft('a')).toBeNull();
		bench.choose({ mat_width: '98 cm' });
		wait(unkept);
		expect(readBenchDraft('a')?.version).toBe(3);
		unkept.forget();
		expect(readBenchDraft('a')).toBeNull();
	});
});

describe('pinned plans', () => {
	const wide = (widthMm: number) => ({ ...startingPlan, target: { widthMm, lengthMm: 1850 } });

	it('are up to four, each once, with what they come to', () => {
		const pins = new Pins(barePractice);
		for (const width of [800, 800, 850, 900, 950, 1000]) pins.add(`${width}`, wide(width));
		expect(pins.all.map(({ name }) => name)).toEqual(['800', '850', '900', '1000']);
		expect(pins.isFull).toBe(true);
		expect(pins.all).toHaveLength(mostPins);
		expect(pins.first?.tally).toEqual(estimatePlan(wide(800), barePractice).tally);
		expect(pins.has(wide(850))).toBe(true);
		expect(pins.has(wide(860))).toBe(false);
	});

	it('can be put first, taken away, and come back after a reload', () => {
		const pins = new Pins(barePractice);
		for (const width of [800, 850, 900]) pins.add(`${width}`, wide(width));
		pins.measureAgainst(2);
		pins.remove(1);
		pins.measureAgainst(9);
		expect(pins.all.map(({ name }) => name)).toEqual(['900', '850']);
		const later = new Pins(barePractice);
		expect(later.first).toBeNull();
		later.recall();
		expect(later.all.map(({ name }) => name)).toEqual(['900', '850']);
	});
});

describe('single keys', () => {
	const press = (key: string, more: Partial<KeyboardEvent> = {}) =>
		({ key, target: null, preventDefault: vi.fn(), ...more }) as unknown as KeyboardEvent;

	it('do what they are for, not with a modifier, and not while someone types', () => {
		const act = vi.fn();
		const keys = new Shortcuts([{ key: 'k', label: 'keep', act }]);
		expect(keys.press(press('k'))).toBe(true);
		expect(keys.press(press('x'))).toBe(false);
		expect(keys.press(press('k', { ctrlKey: true }))).toBe(false);
		const field = Object.assign(new HTMLElement(), { tagName: 'INPUT', isContentEditable: false });
		expect(keys.press(press('k', { target: field }))).toBe(false);
		expect(act).toHaveBeenCalledTimes(1);
	});

	it('can be turned off, all but the list of them, and the device remembers', () => {
		const act = vi.fn();
		const list = vi.fn();
		const shortcuts = [
			{ key: 'k', label: 'keep', act },
			{ key: '?', label: 'these keys', act: list }
		];
		new Shortcuts(shortcuts).turn(false);
		const keys = new Shortcuts(shortcuts);
		keys.recall();
		expect(keys.areOn).toBe(false);
		expect(keys.press(press('k'))).toBe(false);
		expect(keys.press(press('?'))).toBe(true);
		keys.turn(true);
		expect(keys.press(press('k'))).toBe(true);
		expect([act, list].map(({ mock }) => mock.calls.length)).toEqual([1, 1]);
	});
});

describe('what is drawn', () => {
	it('is the plan itself until it is told to lag', () => {
		const bench = newBench();
		expect(bench.drawn.plan).toEqual(bench.plan);
		bench.draw({ plan: bench.plan, estimate: bench.estimate });
		bench.choose({ mat_width: '120 cm' });
		expect(bench.drawn.plan.target.widthMm).toBe(850);
		expect(bench.estimate.tally.toCollect.expected).toBeGreaterThan(
			bench.drawn.estimate.tally.toCollect.expected
		);
	});

	it('is the newest it was given, once a frame is painted, and waits twice as long as the last took', async () => {
		vi.useFakeTimers({ toFake: ['setTimeout', 'performance'] });
		const frames: (() => void)[] = [];
		vi.stubGlobal('requestAnimationFrame', (frame: () => void) => frames.push(frame));
		const drawn: number[] = [];
		const later = afterPaint<number>((value) => drawn.push(value));
		for (const value of [1, 2, 3]) later(value);
		expect([frames.length, drawn]).toEqual([1, []]);
		frames[0]?.();
		await vi.advanceTimersByTimeAsync(2);
		expect(drawn).toEqual([3]);
		// The frame of that drawing is 60 ms in coming, 43 more than a frame: the next waits 86.
		await vi.advanceTimersByTimeAsync(60);
		frames[1]?.();
		await vi.advanceTimersByTimeAsync(0);
		later(4);
		frames[2]?.();
		await vi.advanceTimersByTimeAsync(80);
		expect(drawn).toEqual([3]);
		await vi.advanceTimersByTimeAsync(10);
		expect(drawn).toEqual([3, 4]);
	});
});
