// Made of house.json by `npm run words -- --make`: change the words there.
import { plural } from '@messageformat/runtime';
import { en, number } from '../number';

export const peopleSignIn = (): string => "People sign in";
export const nobodySignsIn = (): string => "Nobody signs in";
export const withAPassphraseOrAPasskey = (): string => "With a passphrase, or a passkey of their device.";
export const anyoneCanOpenIt = (): string => "Anyone who knows the address can open it. Start it with NEST_ROW_SIGN_IN=yes.";
export const onlyWhoSitsHere = (): string => "Only this computer opens it: whoever sits here is the coordinator.";
export const coordinators = (d: { readonly coordinators: number }): string => '' + plural(d.coordinators, 0, en, { one: "1 coordinator", other: '' + number("en", d.coordinators, 0) + " coordinators" });
export const oneCanHelpTheOther = (): string => "If one forgets a passphrase, another can let them in.";
export const inviteASecond = (): string => "Invite a second, for when one is ill.";
export const runsAsRoot = (): string => "Nest Row runs as root";
export const runsAsItsOwnUser = (): string => "Nest Row runs as its own user";
export const moveItWhereOthersRead = (): string => "Put it in a folder that every user may read, like /srv/nest-row.";
export const aFaultReachesNothingElse = (): string => "A fault in it reaches nothing else on this computer.";
export const membersMayComeIn = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { one: "1 member", other: '' + number("en", d.count, 0) + " members" }) + " may come in.";
export const whoeverOpensIt = (): string => "Whoever opens it may do everything.";
export const roles = (): string => "Roles";
export const inviteSomeone = (): string => "Invite someone";
export const linksThatOpen = (d: { readonly count: number }): string => '' + plural(d.count, 0, en, { "0": "No link opens anything", one: "1 link opens something", other: '' + number("en", d.count, 0) + " links open something" });
export const aLinkOpensOneThing = (): string => "A link opens one thing without signing in: a mat, a plan, a station.";
export const links = (): string => "Links";
