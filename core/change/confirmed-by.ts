/** How a source was confirmed or ruled out, beside examining. */
export const CONFIRMED_BY = ['imaging', 'block', 'surgery', 'letter', 'response'] as const
export type ConfirmedBy = (typeof CONFIRMED_BY)[number]

export const CONFIRMED_WORDS: Readonly<Record<ConfirmedBy, string>> = {
  imaging: 'imaging',
  block: 'diagnostic block',
  surgery: 'surgery',
  letter: 'specialist letter',
  response: 'response to treatment',
}
