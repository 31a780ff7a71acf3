import { RESULT_WORDS } from '../findings/finding'
import { placesWords } from '../findings/place-fits'
import type { SignRun } from './sign-run'
import { valueAt } from './compared-with'

/** What a performance showed, in one line: "S1 in the right calf at 42°, 6 of 10; positive". */
export function runWords({ run, test, finding }: SignRun): string {
  const measured = test.stages.flatMap((stage) => {
    const value = stage.angle && valueAt(run, stage.id)
    return value === undefined ? [] : [`${value}${stage.angle?.unit ?? '°'}`]
  })
  const { symptom, places, intensity } = finding
  const what =
    symptom === null
      ? measured.length > 0
        ? `to ${measured.join(', ')}`
        : ''
      : [
          `${symptom}${places.length > 0 ? ` in ${placesWords(places)}` : ''}${measured.length > 0 ? ` at ${measured.join(', ')}` : ''}`,
          intensity === null ? '' : `${intensity} of 10`,
        ]
          .filter(Boolean)
          .join(', ')
  return [what, RESULT_WORDS[finding.result]].filter(Boolean).join('; ')
}
