/** A key of the reading pad; "/16" and the like set the denominator. */
export type PadKey =
  | "0"
  | "1"
  | "2"
  | "3"
  | "4"
  | "5"
  | "6"
  | "7"
  | "8"
  | "9"
  | "."
  | " "
  | "back"
  | "/2"
  | "/4"
  | "/8"
  | "/16"
  | "/32"
  | "/64";

const DENOMINATOR = /\s*\/\s*\d*$/;

/** The text after a key: a denominator takes the place of the one there; rubbing out takes a denominator whole. */
export function pressKey(text: string, key: PadKey): string {
  if (key === "back")
    return DENOMINATOR.test(text) ? text.replace(DENOMINATOR, "") : text.slice(0, -1);
  if (key === " ") return text === "" || text.endsWith(" ") ? text : `${text} `;
  if (key.startsWith("/")) {
    const numerator = text.replace(DENOMINATOR, "");
    return /\d$/.test(numerator) ? numerator + key : text;
  }
  return text + key;
}
