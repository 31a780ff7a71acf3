/** How strong a symptom is, in the patient's own number: a whole number from 0 (gone) to 10 (worst imaginable). */
export type Intensity = number

/** Is this a whole number from 0 to 10? */
export function isIntensity(n: number): n is Intensity {
  return Number.isInteger(n) && n >= 0 && n <= 10
}
