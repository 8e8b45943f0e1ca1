import { defaults } from '../defaults';
import { positive } from '../domain-error';

export interface Roll {
	readonly diameterMm: number;
	/** How long the roll is: half the mat's width. */
	readonly lengthMm: number;
}

/**
 * A mat folded in half lengthwise, then rolled: `D = √(D₀² + 8 T L / π)`.
 *
 * @param thicknessMm of the mat lying once, above 0
 * @param how `coreMm` is what it is rolled round, 0 or more; `isFolded` whether it is folded first
 * @throws DomainError
 * @source geometry; the core is assumed
 * @example rollMat({ widthMm: 850, lengthMm: 1850, thicknessMm: 8 }) // { diameterMm: 203.19, lengthMm: 425 }
 */
export function rollMat(
	mat: { readonly widthMm: number; readonly lengthMm: number; readonly thicknessMm: number },
	{ coreMm = defaults.rollCore.value, isFolded = true } = {}
): Roll {
	const layers = isFolded ? 2 : 1;
	const area =
		4 * layers * positive('thicknessMm', mat.thicknessMm) * positive('lengthMm', mat.lengthMm);
	return {
		diameterMm: Math.sqrt(coreMm ** 2 + area / Math.PI),
		lengthMm: positive('widthMm', mat.widthMm) / layers
	};
}

export interface Crate {
	readonly widthMm: number;
	readonly depthMm: number;
	readonly heightMm: number;
}

/**
 * Rolls that fit a crate lying side by side, along whichever edge holds most.
 *
 * @example rollsInCrate({ diameterMm: 200, lengthMm: 425 }, { widthMm: 400, depthMm: 850, heightMm: 400 }) // 8
 */
export function rollsInCrate(roll: Roll, crate: Crate): number {
	const edges = [crate.widthMm, crate.depthMm, crate.heightMm] as const;
	for (const edge of edges) positive('crate', edge);
	const layingAlong = (along: number) => {
		const [a = 0, b = 0] = edges.filter((_, edge) => edge !== along);
		return (
			Math.floor((edges[along] ?? 0) / roll.lengthMm) *
			Math.floor(a / roll.diameterMm) *
			Math.floor(b / roll.diameterMm)
		);
	};
	return Math.max(layingAlong(0), layingAlong(1), layingAlong(2));
}
