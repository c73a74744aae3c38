/** "drops in" as a button says it: "Drops in". */
export const upperFirst = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** "Lay the leaf on it" in the middle of a sentence: "lay the leaf on it". */
export const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
