import type { Finding } from '../findings/finding'
import type { Side } from '../vocabulary/side'
import type { Accuracy } from './accuracy'
import type { Study } from './study'

const study: Study = {
  id: 'laslett-2003-centralisers',
  cite: 'From Laslett 2003, Aust J Physiother: all less those who did not centralise',
  people: 'The nine of 43 whose pain centralised',
  reference: 'Fluoroscopic sacroiliac block, 80 % relief or more, confirmed by a second block',
  n: 9,
  cohort: 'laslett',
  checkedAgainstPaper: false,
}

/**
 * What a met pelvic rule is worth in people whose pain centralises.
 *
 * Row A13 (all) less row A14 (without centralisers) leaves nine people: none with sacroiliac pain, four of nine positive by the
 * rule. With the 0.5 correction the ratio is 0.5 / 0.45 = 1.1. Our own subtraction, not a printed figure.
 */
export const CENTRALISERS: Accuracy = {
  id: 'A13-A14',
  of: 'pelvic-five-thrust',
  for: 'sij-pain',
  from: study,
  criterion: 'Three or more of five, in people whose pain centralised; 0.5-corrected',
  sens: { value: 0.5 },
  spec: { value: 0.55 },
  counts: { tp: 0, fn: 0, fp: 4, tn: 5 },
  confidence: 'medium',
  speaks: 'positive',
  use: { use: 'preferred', because: 'Centralisation points to a disc, which fakes positive pelvic tests' },
}

/** Did repeated movement centralise the pain, was it looked at and did not, or is it not known? */
export function centralises(findings: readonly Finding[], side: Side): 'yes' | 'no' | 'not-known' {
  const found = findings.find((f) => f.test === 'repeated-movement' && f.about === side)
  if (found?.result === 'positive') return 'yes'
  return found?.result === 'negative' ? 'no' : 'not-known'
}
