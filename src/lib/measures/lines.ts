// What the lists of measures show, a line each: read by the queries that answer with them.

import type { Task } from '../core/effort/tasks';
import type { Readings } from '../core/calibrate/readings';
import type { Measure } from '$lib/entries/types/measurement';

export interface MeasurementLine {
	readonly id: number;
	readonly measure: Measure;
	readonly maker: string | null;
	readonly measuredOn: string;
	readonly readings: Readings;
	readonly isByPhoto: boolean;
	readonly isLeftOut: boolean;
}

export interface TimedLine {
	readonly id: number;
	readonly work: Task;
	readonly maker: string | null;
	readonly units: number;
	readonly people: number;
	readonly minutes: number;
	readonly defaultSeconds: number;
	readonly workedOn: string;
	readonly isLeftOut: boolean;
}
