import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { troubledExam } from '../tests/troubled-exam'
import { unsound } from '../tests/sound'
import { assess } from './assess'
import { CATALOGUE } from './catalogue'
import { noteOf } from './note/note'
import { plainText } from './note/paragraph'
import { somethingRestsOn } from './record/rests-on'
import { examFrom } from './record/exam'
import { historyIssues } from './record/history'
import { contraindicationOf, closedGates, haltsOf, heeding } from './safety/safety'
import { unaskedBefore } from './safety/gate-zero'
import { RULEBOOK } from './safety/rulebook'
import { irritabilityNow, restUntil, unsettled } from './safety/state'

const FILE = 'core/reading-fingerprints.json'
const RECORDS = 40

/** What is read out of one record, part by part, as plain data. */
const PARTS: Readonly<Record<string, (made: ReturnType<typeof troubledExam>) => unknown>> = {
  record: ({ exam }) => ({ ...exam, memory: undefined }),
  memory: ({ exam }) => exam.memory,
  refused: ({ refused }) => refused,
  findings: ({ exam }) => assess(exam).findings,
  rules: ({ exam }) => assess(exam).rules.map(({ cluster, tree, ...rule }) => ({ ...rule, cluster: cluster.id })),
  interplay: ({ exam }) => assess(exam).interplay,
  gates: ({ exam }) => closedGates(exam).map(({ gate, ...closed }) => ({ gate: gate.id, ...closed })),
  contraindicated: ({ exam }) =>
    CATALOGUE.map((t) =>
      t.variants.map((v) => [
        contraindicationOf(exam, t.id, v.id)?.gate.id ?? '',
        heeding(exam, t.id, v.id).map((h) => h.gate.id),
        unaskedBefore(exam, t.id, v.id)?.groups.map((g) => [g.group.id, g.items.map((i) => i.id)]) ?? null,
      ]),
    ),
  state: ({ exam }) => [irritabilityNow(exam), restUntil(exam), unsettled(exam, exam.openedAt + 3_600_000), haltsOf(exam).map((h) => h.gate.id)],
  'taken back': ({ events }) => events.map((event) => somethingRestsOn(event, events, RULEBOOK)),
  history: ({ events }) => historyIssues(events.filter((_, n) => n % 7 !== 3)),
  note: ({ exam }) => plainText(noteOf(assess(exam), 'Somebody, 43.')),
}

const made = Array.from({ length: RECORDS }, (_, n) => troubledExam(`reading ${n}`, 45))
const digest = (value: unknown) => createHash('sha256').update(JSON.stringify(value)).digest('hex').slice(0, 12)

describe('what a record means', () => {
  it('is sound, however troubled the record', () => {
    for (const [n, { exam }] of made.entries()) expect(unsound(exam), `reading ${n}`).toEqual([])
  })

  it('is the same folded at once as event by event', () => {
    for (const { events, exam } of made) expect(examFrom(events)).toEqual(exam)
  })

  // Not what is right, which other tests say, but that nothing changed unnoticed.
  it.each(Object.keys(PARTS))(
    '%s: changed only on purpose. If it was: a line in docs/reading-changes.md, then UPDATE_READINGS=1 npx vitest run core/readings.test.ts',
    (part) => {
      const read = PARTS[part]
      const now = read ? made.map((record) => digest(read(record))) : []
      const known = existsSync(FILE) ? (JSON.parse(readFileSync(FILE, 'utf8')) as Record<string, readonly string[]>) : {}
      if (process.env.UPDATE_READINGS) writeFileSync(FILE, `${JSON.stringify({ ...known, [part]: now }, null, 1)}\n`)
      else expect(now).toEqual(known[part])
    },
  )
})
