// Made of season.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en } from '../number';

export const allNewMatsByOne = (): string => "All new mats from one plan?";
export const noPlanIsKeptYet = (): string => "No plan is saved yet.";
export const comparePlans = (): string => "Compare plans";
export const inWork = (d: { readonly adds: string | number; readonly moreBags: string | number }): string => '' + d.adds + ", " + d.moreBags + " in work.";
export const noIsKeptUnderTools = (d: { readonly tool: string | number }): string => "No " + d.tool + " is listed under Tools, so we assume there are enough.";
export const toolsPluralOneOtherFor = (d: { readonly tools: number; readonly tool: string | number }): string => '' + d.tools + " " + d.tool + plural(d.tools, 0, en, { one: "", other: "s" }) + " for it.";
