import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength, strandUnit } from '$lib/core/units/format-length';
import { formatMass } from '$lib/core/units/format-mass';
import { gPerUnit } from '$lib/core/units/parse-mass';
import { figure, wholeNumber } from './number-words';

/** Strand by the length: `12 m`, `13 yd`. */
export function strandWords(mm: number, system: LengthSystem): string {
	const { mm: one, unit } = strandUnit(system);
	return `${figure(mm / one)} ${unit}`;
}

/** A mass as one would say it: `52 g`, `1.8 kg`, `3 lb 15 oz`. */
export function massWords(g: number, system: LengthSystem): string {
	if (system === 'ft') return formatMass(g, system);
	return Math.abs(g) < 995 ? `${figure(g)} g` : `${figure(g / 1000)} kg`;
}

/** A small thing as a strand or a stitch: `3.4 mm`, `1/8 in`. */
export const fineWords = (mm: number, system: LengthSystem): string =>
	system === 'ft' ? formatLength(mm, system, 'small') : `${figure(mm)} mm`;

/** Mass of strand by its length: `2.1 g/m`, `1.9 g/yd`. */
export const strandMassWords = (gPerM: number, system: LengthSystem): string =>
	system === 'ft'
		? `${figure(((gPerM * 0.9144) / gPerUnit.oz) * 100)} oz a 100 yd`
		: `${figure(gPerM)} g/m`;

/** So many to the area: `120 a square metre`, `100 a square yard`. */
export const perAreaWords = (
	perSquareMetre: number,
	system: LengthSystem
): { readonly value: string; readonly of: string } =>
	system === 'ft'
		? { value: wholeNumber(perSquareMetre * 0.9144 ** 2), of: 'square yard' }
		: { value: wholeNumber(perSquareMetre), of: 'square metre' };

/** How heavy a mat lies: `1,048 g/m²`, `31 oz a square yard`. */
export const densityWords = (gPerM2: number, system: LengthSystem): string =>
	system === 'ft'
		? `${figure((gPerM2 * 0.9144 ** 2) / gPerUnit.oz)} oz a square yard`
		: `${wholeNumber(gPerM2)} g/m²`;

/** Area to lie on: `3.1 m²`, `33 sq ft`. */
export const areaWords = (m2: number, system: LengthSystem): string =>
	system === 'ft' ? `${figure(m2 * 10.763910416709722)} sq ft` : `${figure(m2)} m²`;
