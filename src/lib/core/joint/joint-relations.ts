/** What a joint takes of one piece, mm. */
export const jointRelations = {
	takeUpMm: (diameters: number, workedDiameterMm: number, fixedMm: number) =>
		diameters * workedDiameterMm + fixedMm
};
