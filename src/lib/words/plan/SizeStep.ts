// Made of plan.json by `npm run words -- --make`: change the words there.

export const width = (): string => "Width";
export const length = (): string => "Length";
export const heightOfTheSleeperIn = (): string => "Height of the sleeper in the drawing";
export const usual3043In = (): string => "Usual: 30–43 in";
export const usual75110Cm = (): string => "Usual: 75–110 cm";
export const usual5Ft116 = (): string => "Usual: 5 ft 11–6 ft 7";
export const usual180200Cm = (): string => "Usual: 180–200 cm";
