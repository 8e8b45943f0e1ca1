// Made of plan.json by `npm run words -- --make`: change the words there.

export const theReceivingPlacesOwnRules = (): string => "The receiving place’s own rules and local fire, hygiene and safeguarding rules come first. Ask the people responsible.";
export const filmCanSuffocateKeepBags = (): string => "Plastic can suffocate: keep bags, scraps, mats and pillows away from babies and small children. Never let an infant sleep on a mat. Plastic burns and drips: keep it away from heaters, stoves, candles and cigarettes.";
export const repeatedWorkTiresHandsTake = (): string => "The same work again and again tires hands. Take breaks, change seats, and stop if something hurts.";
export const rollingBladesAreForTrained = (): string => "Rolling blades are for trained adults. Cut away from the body, wear gloves, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat.";
export const childrenAndUnsteadyHandsGet = (): string => "Children and unsteady hands use blunt scissors or another seat.";
export const glovesOrWashedHandsFor = (): string => "Wear gloves or wash your hands. Nothing mouldy, nothing from medical or chemical use.";
export const rodsSitUnderTensionMind = (): string => "Rods are under tension: mind eyes and fingers when they come out.";
export const aMatIsABarrier = (): string => "A mat protects from cold, wet ground. It is not a medical, rescue or fire-rated product. Plastic is slippery on floors.";
export const bagsCanSuffocateKeepThem = (): string => "Bags can suffocate: keep them away from babies and small children. Plastic burns and drips: keep it away from heaters and stoves.";
export const bagLooseScrapsAtThe = (): string => "Bag loose scraps at the table. They blow away.";
export const whereYouCollectThemYour = (): string => "Where you collect bags, your own house rules on hygiene and fire come first. Ask the person responsible.";
