import { mapPlaces } from '$lib/core/check/judge-mat';

/** The place of the map that a point lies in: row by row, five along, three across. */
export const mapPlaceOf = ({
	along,
	across
}: {
	readonly along: number;
	readonly across: number;
}): number =>
	Math.min(mapPlaces.across - 1, Math.floor(across * mapPlaces.across)) * mapPlaces.along +
	Math.min(mapPlaces.along - 1, Math.floor(along * mapPlaces.along));

/** The middle of a place, along and across, 0 to 1. */
export const middleOf = (place: number): { along: number; across: number } => ({
	along: ((place % mapPlaces.along) + 0.5) / mapPlaces.along,
	across: (Math.floor(place / mapPlaces.along) + 0.5) / mapPlaces.across
});
