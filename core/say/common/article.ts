/** Letters that are spelled with a vowel first, standing alone or before figures and capitals: M10, R 1/2, NPT, STI. */
const SPELLED = /^(?:[FHLMNRSX](?=[\dA-Z. ]|$)|R[pc]\b)/;
/** 8, 11 and 18 begin with one, whatever follows: 8.8, 11/16, 80. */
const EIGHT = /^(?:8(?:\d?|\d\d)(?!\d)|11(?!\d)|18(?!\d))/;
/** Written with a vowel and spoken with none. */
const YOU = /^(?:uni|use|eu|one\b|UN)/;

/** "an M10", "a 3/8-16 UNC", "an 8.8", "an electrical fitting": a word or a name with the article it is spoken with. */
export function withArticle(text: string): string {
  const vowel =
    SPELLED.test(text) || EIGHT.test(text) || (/^[aeiou]/i.test(text) && !YOU.test(text));
  return `${vowel ? "an" : "a"} ${text}`;
}
