import { defaults } from '../defaults';

/** What ruler and kitchen scale say of a bag. Lengths mm, mass g, density g/mm³. */
export const bagRelations = {
	circumferenceMm: (flatWidthMm: number, gussetMm: number) => 2 * flatWidthMm + 4 * gussetMm,
	filmAreaMm2: (circumferenceMm: number, bodyMm: number, handleMm: number) =>
		circumferenceMm * (bodyMm + defaults.handleFilmShare.value * handleMm),
	filmThicknessMm: (massG: number, density: number, filmAreaMm2: number) =>
		massG / (density * filmAreaMm2)
};
