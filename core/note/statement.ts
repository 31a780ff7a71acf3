/** Stands where results are read and on everything that is printed or exported. */
export const STATEMENT = 'Dust Lantern supports a licensed practitioner. It does not diagnose. Follow your local law, scope of practice and emergency numbers.'

/** Stands beside every probability until someone has held the figures against the papers. */
export const UNCHECKED = 'Figures from memory of the papers, not yet checked against them; percentages rounded to 5.'
