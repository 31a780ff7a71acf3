import { type Changes, SPANS, type Tally, tallyWords } from './changes'
import type { SignChange } from './pair'

/** What an alert asks for. */
export const ALERT_WORDS: Readonly<Record<NonNullable<SignChange['alert']>, string>> = {
  'became-positive': 'It became positive after hands-on treatment: treat no further, look at it again once it has settled, and think of referral.',
  lost: 'Strength, reflex or feeling was lost: stop, check it again, and refer.',
}

const SINCE = { treatment: 'after treatment', lastVisit: 'since last visit', baseline: 'since baseline' } as const

/** What changed, in a few words for lists; empty where nothing was compared. Since the last visit where there was one, and after a treatment. */
export function changedWords({ tallies, alerts }: Pick<Changes, 'tallies' | 'alerts'>): string {
  const spans = (['lastVisit', 'treatment'] as const).filter((span) => tallies[span])
  const told = (spans.length > 0 ? spans : (['baseline'] as const)).flatMap((span) => {
    const tally = tallies[span]
    return tally ? [`${SINCE[span]}: ${tallyWords(tally)}`] : []
  })
  return `${told.join('; ')}${alerts.length > 0 ? '; alert' : ''}`
}

/** Each span with its tally, as a page tells them one after the other. */
export function spanWords({ tallies }: Pick<Changes, 'tallies'>): readonly { readonly since: string; readonly tally: Tally }[] {
  return SPANS.flatMap((span) => {
    const tally = tallies[span]
    return tally ? [{ since: SINCE[span], tally }] : []
  })
}
