// Made of prepare.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const mixed = (d: { readonly names: string | number }): string => "mixed: " + d.names;
export const coloursAndSort = (d: { readonly colours: string | number; readonly isChain: 'yes' | 'no' }): string => '' + d.colours + " " + select(d.isChain, { yes: "chain", other: "ball" });
