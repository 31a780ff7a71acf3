import type { Finding } from '../findings/finding'
import type { Side } from '../vocabulary/side'

/** A warning that one finding may be explained by another. */
export interface Interplay {
  readonly side: Side
  readonly what: string
}

/**
 * Findings that may fake one another.
 *
 * A nerve symptom felt in the buttock can be stirred by pelvic loading, and a sore hip is pressed by
 * every test that pushes through the thigh bone.
 */
export function interplayOf(findings: readonly Finding[]): readonly Interplay[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const here = findings.filter((f) => f.about === side && f.result === 'positive')
    const pelvic = here.filter((f) => reads(f, 'sij-pain'))
    const nerve = here.find((f) => f.test === 'leg-raise' || f.test === 'slump')
    const shared = pelvic.find((f) => nerve?.symptom && f.symptom === nerve.symptom)
    const hip = findings.find((f) => f.about === side && f.test === 'faber' && reads(f, 'hip'))
    const throughThigh = pelvic.filter((f) => f.test === 'thigh-thrust' || f.test === 'faber')
    const hipSource = hip && turnedIn(findings, side) && findings.some((f) => f.about === side && f.test === 'hip-scour' && reads(f, 'hip'))
    const centralised = here.some((f) => f.test === 'repeated-movement')
    return [
      ...(shared ? [{ side, what: `${shared.symptom} also came on under nerve tension: a nerve symptom can fake a positive pelvic test.` }] : []),
      ...(hipSource
        ? [
            {
              side,
              what: 'Groin pain on FABER, a hip that turns in too little and pain on the sweep point to the hip: discount pelvic positives pressed through the thigh.',
            },
          ]
        : hip && throughThigh.length > 0
          ? [{ side, what: 'FABER brought on groin pain: a sore hip is also pressed by the thigh thrust, so count that one with care.' }]
          : []),
      ...(centralised && pelvic.length > 0
        ? [
            {
              side,
              what: 'The pain centralised on repeated movement: disc pain fakes positive pelvic tests, and a met pelvic rule is worth about 1 instead of 4.',
            },
          ]
        : []),
    ]
  })
}

/** Did the hip turn in too little on this side? */
function turnedIn(findings: readonly Finding[], side: Side): boolean {
  return findings.some((f) => f.about === side && f.test === 'hip-internal-rotation' && f.result === 'positive')
}

function reads(finding: Finding, source: string): boolean {
  return finding.readings.some((r) => r.source === source && r.direction === 'for')
}
