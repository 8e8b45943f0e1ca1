// Made of house.json by `npm run words -- --make`: change the words there.

export const aCopyEveryNight = (): string => "A copy is made every night";
export const noNightlyCopy = (): string => "No nightly copy";
export const copiesAreMadeElsewhere = (): string => "Copies are made elsewhere";
export const itIsIn = (d: { readonly folder: string | number }): string => "It is in " + d.folder + ".";
export const itIsTurnedOn = (): string => "Start Nest Row with npm start, without NEST_ROW_BACKUPS=no.";
export const askWhoRunsTheDatabase = (): string => "Ask whoever runs the database.";
export const lastCopy = (d: { readonly moment: string | number; readonly ago: string | number }): string => "Last copy: " + d.moment + d.ago;
export const noCopyYet = (): string => "No copy yet";
export const itFailed = (d: { readonly problem: string | number }): string => "The last one failed: " + d.problem;
export const carryOneElsewhere = (): string => "Carry one to another disk now and then.";
export const theFirstComesTonight = (): string => "The first comes after three at night.";
export const copiesAreSealed = (): string => "Copies are sealed";
export const copiesAreOpen = (): string => "Copies are not sealed";
export const keepThePassphrase = (): string => "Keep the passphrase safe: nothing else opens them.";
export const whoeverHasTheFile = (): string => "Whoever has the file can read it, names too. NEST_ROW_BACKUP_PASSPHRASE seals them.";
export const restored = (d: { readonly moment: string | number }): string => "Restored from a copy: " + d.moment;
export const noRestoreWasTried = (): string => "No restore was tried yet";
export const tryARestore = (): string => "Try it once, before you need it: npm run --silent restore -- FILE, on another computer.";
export const everythingAsFiles = (): string => "Everything as files";
export const plansListsAndEveryTable = (): string => "One archive: plans, lists and every table of the group.";
export const downloadTheArchive = (): string => "Download the archive";
export const bringInAnArchive = (): string => "Bring in an archive";
export const putTheFileOnThisComputer = (): string => "Put the archive on this computer.";
export const thereRun = (): string => "In its folder run";
export const itIsThenAmongTheGroups = (): string => "The group is then among your groups.";
export const theStepsWithATerminal = (): string => "Each step with a terminal is in docs/operations.md, under “Copies”.";
