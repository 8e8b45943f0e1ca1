import type { CrochetMat, CrochetTechnique } from '../techniques/crochet/crochet-mat';
import type { BandsMat, BandsTechnique } from '../techniques/bands/bands-mat';
import type { PegLoomMat, PegLoomTechnique } from '../techniques/peg-loom/peg-loom-mat';
import type { TwinedMat, TwinedTechnique } from '../techniques/twined/twined-mat';

/** The size wanted: width across the sleeper, length along. mm, both above 0. */
export interface Target {
	readonly widthMm: number;
	readonly lengthMm: number;
}

/** What every made mat has, however it is made. */
export interface MadeMat {
	/** The size it comes out at. */
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Rows or picks. */
	readonly rows: number;
	/** Film strand in the mat, mm. */
	readonly strandMm: number;
	/** How closely the strand covers; its grades belong to the technique, see `coverGrade`. */
	readonly cover: number;
	/** How thick it lies, mm. */
	readonly thicknessMm: number;
	/** Hands at the make station, s. */
	readonly makeSeconds: number;
}

export type Technique = CrochetTechnique | PegLoomTechnique | TwinedTechnique | BandsTechnique;
export type TechniqueKind = Technique['kind'];
export const techniqueKinds = ['crochet', 'peg-loom', 'twined', 'finger-bands'] as const;
export type Mat = CrochetMat | PegLoomMat | TwinedMat | BandsMat;
