// Made of check.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const gap8MinutesEachAnyone = (): string => "Gap. 8 minutes each, anyone can do it";
export const minutesEachIswhoSelectYes = (d: { readonly name: string | number; readonly minutes: string | number; readonly isWho: 'yes' | 'no' }): string => '' + d.name + ". " + d.minutes + " minutes each, " + select(d.isWho, { yes: "someone who knows the technique", other: "anyone can do it" });
export const drawn = (d: { readonly step: string | number }): string => "Drawn: " + d.step;
export const toAvoidItNextTime = (): string => "To avoid it next time:";
