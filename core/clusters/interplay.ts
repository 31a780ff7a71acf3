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
    const throughThigh = pelvic.find((f) => f.test === 'thigh-thrust')
    return [
      ...(shared ? [{ side, what: `${shared.symptom} also came on under nerve tension: a nerve symptom can fake a positive pelvic test.` }] : []),
      ...(hip && throughThigh
        ? [{ side, what: 'FABER brought on groin pain: a sore hip is also pressed by the thigh thrust, so count that one with care.' }]
        : []),
    ]
  })
}

function reads(finding: Finding, source: string): boolean {
  return finding.readings.some((r) => r.source === source && r.direction === 'for')
}
