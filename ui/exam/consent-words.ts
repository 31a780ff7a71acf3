/** What is said before consent, and kept with it as what was explained. */
export const CONSENT_WORDS =
  'I will move and press until you feel something. Some of it may bring on your own pain for a moment, and you may be sore for a day. Say stop at any time and I stop.'
