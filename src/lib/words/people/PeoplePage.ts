// Made of people.json by `npm run words -- --make`: change the words there.

export const peopleAndPlaces = (): string => "People and places";
export const people = (): string => "People";
export const aFirstNameOrA = (): string => "A first name or nickname, and what you need to know to seat them well. Names are only here, so they can be deleted everywhere at once.";
export const newVolunteer = (): string => "New volunteer";
export const add = (): string => "Add";
export const noNamesYetNobodyHas = (): string => "No names yet. Nobody has to give one.";
export const deleteTheName = (): string => "Delete the name";
export const theNameIsDeletedEverywhere = (d: { readonly name: string | number }): string => "The name " + d.name + " is deleted everywhere here, also from lists on the table. So are their seats, things to allow for and who they sit with. Their bags, counts, measures and past seats stay, without a name. Free remarks stay as written: check those yourself. Older copies of the database still have the name until you delete them. This cannot be undone.";
export const deleteTheName2 = (d: { readonly name: string | number }): string => "Delete the name " + d.name;
export const cancel = (): string => "Cancel";
export const receivingPlaces = (): string => "Receiving places";
export const sourcesOfBagsAreUnder = (): string => "Sources of bags are under";
export const gather = (): string => "Gather";
export const onePlaceCanDoBoth = (): string => ". One place can be both.";
export const givesBagsToo = (): string => ", gives bags too";
export const remove = (): string => "Remove";
export const newReceivingPlace = (): string => "New receiving place";
export const addPlace = (): string => "Add place";
export const removed = (): string => "Removed";
