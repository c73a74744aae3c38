export const REMARK_SENTENCES = {
  add: "Note something, for who comes next",
  hint: "Head rounded; came out with the left-hand drill",
  words: "The words of this note",
  photograph: "Photograph: take one and add it, with the words that are typed",
  choose: "Choose a picture from this device and add it, with the words that are typed",
} as const;

export const PICTURE_SENTENCES = {
  noPicture:
    "This file cannot be shown as a picture here. A photograph as JPEG, PNG or WebP is taken.",
  shrinking: "The photograph is being made small.",
  waits: "Not on the server yet",
  lost: "Its photograph was not kept by this browser. Throw this away and add it again.",
} as const;

/** A file that is too large: what was read, and what is taken. */
export function tooLargeWords(bytes: number, most: number): string {
  const megabytes = (size: number) => `${Math.round(size / 1e6)} MB`;
  return `This file has ${megabytes(bytes)}. A photograph of at most ${megabytes(most)} is taken; it is made small here.`;
}

/** A photograph without words, as it is called. @param day as 2026-03-02 */
export function pictureWords(day: string): string {
  return `Photograph of ${day}`;
}
