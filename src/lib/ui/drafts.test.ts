import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { forgetDrafts, readDraft, writeDraft } from './drafts';

/** A tab's own storage, as a browser has it: what it holds are its own keys. */
class Kept {
	getItem(at: string): string | null {
		return (this as unknown as Record<string, string>)[at] ?? null;
	}
	setItem(at: string, text: string): void {
		(this as unknown as Record<string, string>)[at] = text;
	}
	removeItem(at: string): void {
		delete (this as unknown as Record<string, string>)[at];
	}
}

describe('what is typed and not kept', () => {
	beforeEach(() => vi.stubGlobal('sessionStorage', new Kept()));
	afterEach(() => void vi.unstubAllGlobals());

	it('is there again for whoever typed it, in that form, until it is kept', () => {
		writeDraft('odo quay', '/gather drop-off', { bags: '70', place: 'Ferry' });
		expect(readDraft('odo quay', '/gather drop-off')).toEqual({ bags: '70', place: 'Ferry' });
		expect(readDraft('wren quay', '/gather drop-off')).toBeNull();
		expect(readDraft('odo quay', '/gather/sort sorting')).toBeNull();
		writeDraft('odo quay', '/gather drop-off', null);
		expect(readDraft('odo quay', '/gather drop-off')).toBeNull();
	});
	it('is nothing where it is too long, or is no draft', () => {
		writeDraft('odo', 'form', { note: 'x'.repeat(20_001) });
		expect(readDraft('odo', 'form')).toBeNull();
		sessionStorage.setItem('nest-row draft odo form', '["x"]');
		expect(readDraft('odo', 'form')).toBeNull();
		sessionStorage.setItem('nest-row draft odo form', '{"n":4}');
		expect(readDraft('odo', 'form')).toBeNull();
	});
	it('is forgotten as somebody signs out, and nothing else with it', () => {
		writeDraft('odo', 'form', { note: 'x' });
		sessionStorage.setItem('another', 'stays');
		forgetDrafts();
		expect(readDraft('odo', 'form')).toBeNull();
		expect(sessionStorage.getItem('another')).toBe('stays');
	});
	it('is kept nowhere where a device keeps nothing', () => {
		vi.stubGlobal('sessionStorage', undefined);
		expect(() => writeDraft('odo', 'form', { note: 'x' })).not.toThrow();
		expect(readDraft('odo', 'form')).toBeNull();
	});
});
