import { unitWords as msg, units } from '$lib/words/common';
import { messageNamed } from '$lib/words/message-named';
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
		? msg.ozA100Yd({ gPerM: figure(((gPerM * 0.9144) / gPerUnit.oz) * 100) })
		: `${figure(gPerM)} g/m`;

/** So many to the area: `120 a square metre`, `100 a square yard`. */
export const perAreaWords = (
	perSquareMetre: number,
	system: LengthSystem
): { readonly value: string; readonly of: string } =>
	system === 'ft'
		? { value: wholeNumber(perSquareMetre * 0.9144 ** 2), of: msg.squareYard() }
		: { value: wholeNumber(perSquareMetre), of: msg.squareMetre() };

/** How heavy a mat lies: `1,048 g/m²`, `31 oz a square yard`. */
export const densityWords = (gPerM2: number, system: LengthSystem): string =>
	system === 'ft'
		? msg.ozASquareYard({ gPerM2: figure((gPerM2 * 0.9144 ** 2) / gPerUnit.oz) })
		: `${wholeNumber(gPerM2)} g/m²`;

/** Area to lie on: `3.1 m²`, `33 sq ft`. */
export const areaWords = (m2: number, system: LengthSystem): string =>
	system === 'ft' ? msg.sqFt({ m2: figure(m2 * 10.763910416709722) }) : `${figure(m2)} m²`;

/** What is counted, in words: `bags`, `joints`; a sign of measure is its own. */
export const countedWords = (unit: string): string =>
	Object.hasOwn(units, unit) ? messageNamed(units, unit) : unit;
