import type { BandsMat, BandsTechnique } from './bands/bands-mat';
import type { CrochetMat, CrochetTechnique } from './crochet/crochet-mat';
import type { PegLoomMat, PegLoomTechnique } from './peg-loom/peg-loom-mat';
import type { TwinedMat, TwinedTechnique } from './twined/twined-mat';

export type Technique = CrochetTechnique | PegLoomTechnique | TwinedTechnique | BandsTechnique;
export type TechniqueKind = Technique['kind'];
export const techniqueKinds = ['crochet', 'peg-loom', 'twined', 'finger-bands'] as const;
export type Mat = CrochetMat | PegLoomMat | TwinedMat | BandsMat;
