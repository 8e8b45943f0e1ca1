/** A strand as the hand feels it. mm, mm². */
export const strandRelations = {
	bulkDiameterMm: (solidSectionMm2: number, packing: number) =>
		2 * Math.sqrt(solidSectionMm2 / (Math.PI * packing))
};
