// Made of house.json by `npm run words -- --make`: change the words there.

export const phonesOpen = (d: { readonly origin: string | number }): string => "Phones open " + d.origin;
export const onlyThisComputerOpens = (d: { readonly origin: string | number }): string => "Only this computer opens Nest Row, at " + d.origin;
export const typeItOrScanIt = (): string => "Type it on the phone, or scan the square.";
export const giveItAName = (): string => "Give the computer a name in the hall’s network. Then start Nest Row with ORIGIN set to its address.";
export const theWayIsSafe = (): string => "The way there is safe (https)";
export const noCertificateYet = (): string => "No certificate yet";
export const phonesKeepPages = (): string => "Phones keep pages for when the network is gone.";
export const getACertificate = (): string => "Without one a phone keeps no page offline. A proxy with a certificate goes before Nest Row.";
export const peopleSignIn = (): string => "People sign in";
export const nobodySignsIn = (): string => "Nobody signs in";
export const lettingInIsUnder = (): string => "New people come in by a link from Members.";
export const itIsTurnedOnWith = (): string => "It turns on by itself once phones can come in.";
export const visitorsAreToldApart = (): string => "Visitors are told apart";
export const visitorsCountAsOne = (): string => "Visitors count as one";
export const wrongTriesShutOne = (): string => "Wrong tries shut out one, not all.";
export const sayTheHeader = (): string => "The proxy must say who comes: ADDRESS_HEADER names its header.";
export const phonesCanComeIn = (): string => "Phones can come in.";
export const almostThere = (): string => "Phones can come in. A step is still missing.";
export const notYet = (): string => "Phones cannot come in yet. These steps are missing.";
export const squareOf = (d: { readonly origin: string | number }): string => "Square code of " + d.origin;
export const scanWithAPhone = (): string => "Scan with a phone’s camera, or type:";
export const thenAddToHomeScreen = (): string => "Then choose “Add to home screen”. Its icon opens Today.";
export const whoeverRunsTheComputer = (): string => "Whoever runs the computer finds each step in docs/operations.md, under “For phones and tablets in the hall”.";
export const whoMayComeIn = (): string => "Who may come in";
export const links = (): string => "Links";
