import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it, vi } from 'vitest'
import { assess } from '../assess'
import type * as Catalogue from '../catalogue'
import { CATALOGUE } from '../catalogue'
import { EDITION } from '../edition'
import { noteOf, noteReadAgain } from '../note/note'
import { plainText } from '../note/paragraph'
import { examFrom } from '../record/exam'
import { historyIssues } from '../record/history'
import { readExamFile } from './exam-file/from'
import { evaluationAsSigned } from './signed-evaluation'

/** Every test with two stages more and another name, as a later release might have it. */
vi.mock('../catalogue', async (original) => {
  const real = await original<typeof Catalogue>()
  const changed = real.CATALOGUE.map((test) => {
    const last = test.stages.at(-1)
    const more = last ? ['more', 'and-more'].map((id) => ({ ...last, id, kind: 'observe' as const, choices: [{ id: 'seen', words: 'seen' }] })) : []
    const variants = test.variants.map((v) => ({ ...v, ...(v.stages && { stages: [...v.stages, 'more', 'and-more'] }) }))
    return { ...test, name: `Another ${test.name}`, stages: [...test.stages, ...more], variants }
  })
  return { ...real, CATALOGUE: changed, testById: (id: string) => changed.find((test) => test.id === id) }
})

interface Golden {
  readonly file: { readonly events: readonly { readonly type: string }[] }
  readonly note: string
  readonly evaluation: unknown
}
const folder = 'core/exchange/golden'
const names = readdirSync(folder).filter((name) => name.endsWith('.json'))

describe('what was signed stays signed', () => {
  it('with this edition among the golden files, and a catalogue that differs from it', () => {
    expect(names.filter((n) => n.endsWith(`-${EDITION.catalogue}-${EDITION.rules}-${EDITION.register}.json`)).length).toBeGreaterThan(1)
    expect(CATALOGUE[0]?.name).toMatch(/^Another /)
  })

  it.each(names)('%s reads as on the day it was signed, whatever the catalogue became', (name) => {
    const golden = JSON.parse(readFileSync(`${folder}/${name}`, 'utf8')) as Golden
    const { events } = golden.file
    // An edition of today is admitted again by today's rules; here they are another's, so only the log itself is asked.
    expect(historyIssues(events as never)).toEqual([])
    const exam = examFrom(events as never)
    if (!exam?.signed?.frozen) throw new Error('A golden file is signed.')
    const assessment = assess(exam)
    expect(plainText(noteOf(assessment, 'Somebody, 43.'))).toBe(golden.note)
    expect(JSON.parse(JSON.stringify(evaluationAsSigned(exam.signed.frozen)))).toEqual(golden.evaluation)
    // The separate view tells what the changed catalogue makes of it, which is not the same.
    expect(plainText(noteReadAgain(assessment, 'Somebody, 43.'))).not.toBe(golden.note)
  })

  it.each(names)('%s recorded with an earlier edition is taken in without being judged by today’s rules', (name) => {
    const golden = JSON.parse(readFileSync(`${folder}/${name}`, 'utf8')) as { file: { events: readonly Record<string, unknown>[] } }
    const [opening, ...rest] = golden.file.events
    const older = { ...golden.file, events: [{ ...opening, edition: { catalogue: 1, rules: 1, register: 1 } }, ...rest] }
    expect(readExamFile(older)).toMatchObject({ ok: true })
  })
})
