import { defaults } from '../defaults';
import type { TechniqueKind } from '../techniques/technique';
import { techniqueKinds } from '../techniques/technique';
import type { Station } from './stations';
import { cuttingSecondsPerBag } from './stations';

/**
 * What hands are timed at: the stations, with the making of a mat by each technique for itself,
 * since a quick crocheter may be new at the loom.
 */
export const tasks = [
	'flatten',
	'cut',
	'join',
	'ball',
	...techniqueKinds,
	'finish',
	'check',
	'roll'
] as const;
export type Task = (typeof tasks)[number];

/**
 * The work that a station is, for a mat of a technique.
 *
 * @example [taskOf('make', 'twined'), taskOf('cut', 'twined')] // ['twined', 'cut']
 */
export const taskOf = (station: Station, technique: TechniqueKind): Task =>
	station === 'make' ? technique : station;

/** What a work counts, and what one of it takes by the standard figures in each way it is done, s. */
export interface TaskUnits {
	readonly unit: string;
	/** Seconds for one, by the way it is done; the first way is the usual one. */
	readonly ways: Readonly<Record<string, number>>;
}

const seconds = (name: keyof typeof defaults) => defaults[name].value;

/** @source bench default */
export const taskUnits: Readonly<Record<Task, TaskUnits>> = {
	flatten: { unit: 'bags', ways: { usual: seconds('flatten') } },
	cut: {
		unit: 'bags',
		ways: {
			scissors: cuttingSecondsPerBag('loops', 'scissors'),
			'rolling-blade': cuttingSecondsPerBag('loops', 'rolling-blade'),
			spiral: cuttingSecondsPerBag('spiral', 'scissors'),
			'half-bag': cuttingSecondsPerBag('half-bag', 'scissors')
		}
	},
	join: {
		unit: 'joints',
		ways: {
			loop: seconds('loopJoint'),
			overhand: seconds('overhandJoint'),
			slit: seconds('slitJoint')
		}
	},
	ball: { unit: 'balls', ways: { usual: seconds('ball') } },
	crochet: {
		unit: 'stitches',
		ways: {
			sc: seconds('stitchSingle'),
			hdc: seconds('stitchHalfDouble'),
			dc: seconds('stitchDouble')
		}
	},
	'peg-loom': { unit: 'crossings', ways: { usual: seconds('pegCrossing') } },
	twined: { unit: 'crossings', ways: { usual: seconds('twinedCrossing') } },
	'finger-bands': { unit: 'crossings', ways: { usual: seconds('bandCrossing') } },
	finish: { unit: 'mats', ways: { usual: seconds('finishMat') } },
	check: { unit: 'mats', ways: { usual: seconds('checkMat') } },
	roll: { unit: 'mats', ways: { usual: seconds('rollMat') } }
};

/**
 * The ways a work is done, the usual one first.
 *
 * @example waysOf('join') // ['loop', 'overhand', 'slit']
 */
export const waysOf = (work: Task): string[] => Object.keys(taskUnits[work].ways);
