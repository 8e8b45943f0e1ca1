// Made of house.json by `npm run words -- --make`: change the words there.

export const whoSignsInToThis = (): string => "People who sign in to this group. Volunteers at the table are a separate list: link them here if they are the same person.";
export const visitorsComeByWayOf = (): string => "Visitors come through a proxy that is not set up here, so they all count as one: wrong passphrases of one lock out all. Whoever runs the machine sets ADDRESS_HEADER.";
export const nestRowRunsAsRoot = (): string => "Nest Row runs as root on its machine. It does not need to. Whoever runs the machine moves it to a folder that every user may read and starts it again.";
export const yourNewLink = (): string => "Your new link";
export const itLetsOnePersonIn = (d: { readonly role: string | number }): string => "It lets one person join as a " + d.role + ". Copy it now. It is shown only once.";
export const inviteSomeone = (): string => "Invite someone";
export const role = (): string => "Role";
export const createLinkForDays = (d: { readonly days: string | number }): string => "Create link for " + d.days + " days";
export const membersNow = (): string => "Members now";
export const you = (): string => ", you";
export const volunteer = (): string => "Volunteer";
export const nobody = (): string => "nobody";
export const save = (): string => "Save";
export const roleOf = (d: { readonly name: string | number }): string => "role of " + d.name;
export const remove = (): string => "Remove";
export const ofTheGroup = (d: { readonly name: string | number }): string => "from the group: " + d.name;
