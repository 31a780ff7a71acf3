import type { Range } from '../catalogue/reading/reading'
import type { Answer } from '../record/answer'
import type { Side } from '../vocabulary/side'
import type { Read } from './finding'
import { placesWords, pointersAt, sentence } from './place-fits'

/**
 * Read one side's range by itself: what was felt, and where it ended.
 *
 * The result waits for the other side; `compareSides` gives it once both are measured.
 */
export function readRange(reading: Range, answer: Answer, side: Side): Read {
  const end = 'end' in answer ? answer.end : answer.said === 'familiar' ? answer.onset : undefined
  const readings = answer.said === 'familiar' ? pointersAt(answer.places, side, reading.pointers) : []
  if (end === undefined) return { result: 'inconclusive', why: 'The angle was not measured, and only the angle is read here.', readings }
  const felt = answer.said === 'familiar' ? `, ${answer.symptom} in the ${placesWords(answer.places)}` : ''
  return { result: 'inconclusive', why: sentence(`Ended at ${end}°${felt}; the other side is not measured yet`), readings }
}
