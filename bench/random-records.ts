import { irritableWalk } from '../tests/irritable-walk'
import { randomExam } from '../tests/random-exam'
import { unsound } from '../tests/sound'
import { report } from './measure'

/** Records and walks no author of a test thought of, read, planned and written: how many of them hold. */
export function randomRecords(records: number, walks: number): void {
  let tests = 0
  const broken: string[] = []
  for (let n = 0; n < records; n++) {
    const { exam } = randomExam(`nightly ${n}`, n % 70)
    tests += exam.runs.length
    broken.push(...unsound(exam).map((what) => `nightly ${n}: ${what}`))
  }
  report(`Reading, planning and writing ${records} random records with ${tests} tests`, [
    `${broken.length} with an exception, an undefined, a NaN, a figure outside 0 to 1, or something unseen called negative`,
    ...broken.slice(0, 5),
  ])
  const walked = Array.from({ length: walks }, (_, n) => irritableWalk(`nightly ${n}`))
  const sum = (of: (w: (typeof walked)[number]) => number) => walked.reduce((total, w) => total + of(w), 0)
  const wrong = walked.flatMap((w, n) => w.wrong.map((what) => `nightly ${n}: ${what}`))
  report(`${walks} easily stirred people examined as the bench suggests`, [
    `${sum((w) => w.exam.runs.length)} tests; ${wrong.length} times a full or sensitised way, a seventh provocation, a rest within a test or a follow-on cut off`,
    `the symptom stayed raised ${sum((w) => w.raised)} times, and the bench paused ${sum((w) => w.paused)} times`,
    ...wrong.slice(0, 5),
  ])
}
