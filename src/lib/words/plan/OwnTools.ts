// Made of plan.json by `npm run words -- --make`: change the words there.

export const loomsThatAreThere = (): string => "Your looms";
export const framesThatAreThere = (): string => "Your frames";
export const hooksThatAreThere = (): string => "Your hooks";
