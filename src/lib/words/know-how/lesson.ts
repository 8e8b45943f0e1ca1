// Made of know-how.json by `npm run words -- --make`: change the words there.

export const rollingBladesAreForTrained = (): string => "Rolling blades are for trained adults: away from the body, gloves on, closed when put down. Blunt scissors for children. Local rules and the people responsible come first.";
export const keepBagsAndScrapsAway = (): string => "Keep bags and scraps away from babies and small children: plastic can suffocate.";
export const glovesOrWashedHandsFor = (): string => "Gloves or washed hands for used bags. Nothing mouldy, nothing from medical or chemical use. Local hygiene rules come first.";
export const takeBreaksAndChangeSeats = (): string => "Take breaks and change seats: the same movement for hours hurts. Pain means stop.";
export const rodsAndPegsStandUnder = (): string => "Rods and pegs are under tension: mind eyes and fingers. Work in pairs.";
export const aSlingAcrossTheBody = (): string => "A sling across the body, never a tight loop round the neck. The receiving place’s own rules come first.";
export const plasticFilmBurnsAndDrips = (): string => "Plastic burns and drips: keep it away from heaters, stoves and candles. Never for an infant to sleep on.";
