import { expect, it } from 'vitest';
import { bare, examples } from './core-examples';

it('an example stands with every function of the core that others may use', () => {
	expect(examples.length).toBeGreaterThan(0);
	expect(bare).toEqual([]);
});
