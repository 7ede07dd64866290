/** A fact as it is written on paper: `7x8` as 7 × 8. */
export const factInWords = (fact: string) =>
  fact.replace('x', ' × ').replace('/', ' ÷ ').replaceAll('+', ' + ').replace('-', ' − ').replace('=', ' = ');
