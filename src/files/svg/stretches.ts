/**
 * A text taken apart at what stands between two marks, each sign looked at once; what is opened and never closed is left where it is.
 * @returns what lies outside of them, and in order what lies within; there is one more of the former.
 */
export function takeApart(
  text: string,
  opens: string,
  closes: string,
): { readonly outside: readonly string[]; readonly inside: readonly string[] } {
  const [outside, inside]: [string[], string[]] = [[], []];
  let at = 0;
  for (;;) {
    const from = text.indexOf(opens, at);
    const to = from < 0 ? -1 : text.indexOf(closes, from + opens.length);
    if (to < 0) return { outside: [...outside, text.slice(at)], inside };
    outside.push(text.slice(at, from));
    inside.push(text.slice(from + opens.length, to));
    at = to + closes.length;
  }
}
