// Made of season.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const anyKind = (): string => "bags of any kind";
export const anyColour = (): string => "any colour";
export const tableDays = (): string => "The next table days";
export const balls = (d: { readonly balls: number }): string => '' + plural(d.balls, 0, en, { one: '' + number("en", d.balls, 0) + " ball", other: '' + number("en", d.balls, 0) + " balls" });
export const ballsOf = (d: { readonly balls: number; readonly colour: string | number }): string => '' + plural(d.balls, 0, en, { one: '' + number("en", d.balls, 0) + " ball", other: '' + number("en", d.balls, 0) + " balls" }) + ", most of them " + d.colour;
export const strands = (d: { readonly strands: string | number }): string => "load a loom with " + d.strands + " strands";
export const checks = (d: { readonly checks: number }): string => "check or mend " + plural(d.checks, 0, en, { one: '' + number("en", d.checks, 0) + " mat", other: '' + number("en", d.checks, 0) + " mats" });
export const pillows = (d: { readonly pillows: number }): string => "stuff " + plural(d.pillows, 0, en, { one: '' + number("en", d.pillows, 0) + " pillow", other: '' + number("en", d.pillows, 0) + " pillows" });
export const forPlan = (d: { readonly plan: string | number }): string => "for “" + d.plan + "”";
export const takeIt = (): string => "Do this";
export const askFor = (): string => "Bags to ask for";
export const bags = (d: { readonly bags: string | number; readonly kind: string | number; readonly colour: string | number }): string => '' + d.bags + " × " + d.kind + ", " + d.colour;
export const bagsBy = (d: { readonly bags: string | number; readonly kind: string | number; readonly colour: string | number; readonly day: string | number }): string => '' + d.bags + " × " + d.kind + ", " + d.colour + ", by " + d.day;
export const writeToThem = (): string => "Write to them";
