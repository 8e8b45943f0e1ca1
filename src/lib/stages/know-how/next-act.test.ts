import { describe, expect, it } from 'vitest';
import { nextAct, type Learner } from './next-act';

const nobody: Learner = { may: [], sat: [], next: null, sits: new Set() };
const practiceOf = (act: string) => (act === 'loop-joint' ? ('snug' as const) : undefined);
const next = (more: Partial<Learner>) => nextAct({ ...nobody, ...more }, 'loops', practiceOf);

describe('the next act', () => {
	it('is the first of the table for whoever did nothing, or of the first station they may take', () => {
		expect(next({})).toEqual({ act: 'sort', station: 'flatten', why: 'begin' });
		expect(next({ may: ['weave', 'join'] })).toEqual({
			act: 'loop-joint',
			station: 'join',
			why: 'begin'
		});
	});
	it('is of the station they sit at next, whatever they did before', () => {
		expect(next({ sat: ['flatten'], next: 'cut' })).toEqual({
			act: 'trim',
			station: 'cut',
			why: 'seat'
		});
	});
	it('goes on by one for each day they sat there, and past what sits already', () => {
		expect(next({ sat: ['join'] })).toMatchObject({ act: 'loop-joint-wrists', why: 'on' });
		expect(next({ sat: ['join', 'join'] })).toMatchObject({ act: 'loop-joint-t', why: 'on' });
		expect(next({ next: 'join', sits: new Set(['snug']) })).toMatchObject({
			act: 'loop-joint-wrists',
			why: 'seat'
		});
	});
	it('tries the station after, once all acts of one were seen, where they may take it', () => {
		const sat = ['flatten', 'flatten'];
		expect(next({ sat, may: ['flatten', 'ball'] })).toEqual({
			act: 'ball-fingers',
			station: 'ball',
			why: 'after'
		});
		// Nothing else may be taken: the last act once more.
		expect(next({ sat, may: ['flatten'] })).toEqual({
			act: 'flatten',
			station: 'flatten',
			why: 'on'
		});
	});
	it('is none at a station that has no acts', () => expect(next({ next: 'check' })).toBeNull());
});
