import type { LengthSystem } from '$lib/core/units/format-length';
import { fieldLength } from '$lib/core/units/format-length';
import { fieldMass } from '$lib/core/units/format-mass';
import { lengthOf, massOf } from '$lib/ui/typed-values';
import type { Fields, LengthFieldName } from './names';
import { lengthFields } from './names';

/** Lengths to the tenth of a millimetre and the handful to the milligram, by field. */
export type Exact = Partial<Readonly<Record<LengthFieldName | 'handful_g', number>>>;

/** Half a sixteenth of an inch, and the tenth of a millimetre that is remembered, mm. */
const roundingMm = 25.4 / 32 + 0.1;

const isField = (name: string): name is keyof Exact =>
	name === 'handful_g' || Object.hasOwn(lengthFields, name);

/** Reads what the fields remember; what cannot be read is not remembered. */
export function readExact(text: string): Exact {
	return Object.fromEntries(
		text
			.split(' ')
			.map((pair) => pair.split(':'))
			.flatMap(([name = '', mm = '']) =>
				isField(name) && /^\d{1,5}(\.\d{1,3})?$/.test(mm) ? [[name, Number(mm)]] : []
			)
	);
}

/**
 * What a field means: the length remembered for it, while it stands there as that length is written;
 * else what is typed.
 */
export function exactMm(
	field: LengthFieldName,
	text: string,
	typedMm: number,
	system: LengthSystem,
	exact: Exact
): number {
	const mm = exact[field];
	const isAsWritten = text.trim() === fieldLength(typedMm, system, lengthFields[field].scale);
	return mm !== undefined && isAsWritten && Math.abs(mm - typedMm) < roundingMm ? mm : typedMm;
}

/** Remembers of these lengths the ones that their fields, as they are written, do not say. */
export function writeExact(fields: Fields, lengths: Exact, system: LengthSystem): string {
	const { handful_g: grams } = lengths;
	const isOdd = grams !== undefined && grams >= 0 && grams < 100_000;
	const handful = isOdd ? [`handful_g:${Number(grams.toFixed(3))}`] : [];
	return (Object.keys(lengthFields) as LengthFieldName[])
		.flatMap((field) => {
			const mm = lengths[field];
			if (mm === undefined || !(mm >= 0)) return [];
			const rounded = Math.round(mm * 10) / 10;
			const said = lengthOf(fields[field], system, lengthFields[field].scale).mm;
			const isSaid = said !== undefined && Math.abs(said - rounded) < 0.001;
			return isSaid ? [] : [`${field}:${rounded}`];
		})
		.concat(handful)
		.join(' ');
}

/** What the handful weighs, g: remembered, while it stands there as it is written; else as typed. */
export function exactG(text: string, typedG: number, system: LengthSystem, exact: Exact): number {
	const grams = exact.handful_g;
	return grams !== undefined && text.trim() === fieldMass(grams, system) ? grams : typedG;
}

/** Every length that the fields mean, by field, and the handful; what is not understood is left out. */
export function lengthsOf(fields: Fields, system: LengthSystem): Exact {
	const exact = readExact(fields.exact ?? '');
	const { g } = massOf(fields.handful_g, system);
	const handful =
		g === undefined || g < 0 ? {} : { handful_g: exactG(fields.handful_g, g, system, exact) };
	const lengths = Object.fromEntries(
		(Object.keys(lengthFields) as LengthFieldName[]).flatMap((field) => {
			const { mm } = lengthOf(fields[field], system, lengthFields[field].scale);
			return mm === undefined || mm < 0
				? []
				: [[field, exactMm(field, fields[field], mm, system, exact)]];
		})
	);
	return { ...lengths, ...handful };
}
