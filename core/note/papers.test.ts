import { automatedReadabilityIndex, daleChallReadabilityScore, fleschKincaidGrade, fleschReadingEase } from '../../tests/readability'
import { describe, expect, it } from 'vitest'
import { recordsOfAllKinds, type Told, troubledRecords } from '../../tests/outside'
import type { Answer } from '../record/answer'
import { BUTTOCK, opened, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import { fullExam } from '../../tests/full-exam'
import { assess } from '../assess'
import { eventIssues } from '../record/event-schema'
import { CATALOGUE, testById } from '../catalogue'
import { haltsOf } from '../safety/safety'
import { SCREEN } from '../story/screen'
import { type LetterHead, LETTER_URGENCY_WORDS, letterBody, letterText, urgencyOf } from './letter'
import { SOURCES } from '../vocabulary/source'
import { SAFETY_NET, summaryOf, summaryText } from './summary'

const HEAD: LetterHead = { about: 'Somebody, 43, number 101', born: '1983-04-11', examinedAt: 0, by: 'Maren Oake', when: (at) => new Date(at).toISOString() }
const RECORDS: readonly Told[] = [...Object.values(recordsOfAllKinds()), ...troubledRecords(25)]
const letterOf = ({ exam }: Told) => {
  const assessment = assess(exam)
  return letterText({ to: '', urgency: urgencyOf(assessment), agreed: 'not-asked' }, HEAD, letterBody(assessment, HEAD))
}

describe('a referral letter', () => {
  it('begins with how soon, leaves the recipient blank, and names the person and who examined', () => {
    const { halted, measured } = recordsOfAllKinds()
    if (!halted || !measured) throw new Error('no record')
    const lines = letterOf(halted).split('\n')
    expect(lines[0]).toBe(LETTER_URGENCY_WORDS.emergency)
    expect(lines[2]).toMatch(/^To: _+$/)
    expect(lines[3]).toBe('About: Somebody, 43, number 101, born 1983-04-11. Examined 1970-01-01T00:00:00.000Z by Maren Oake.')
    expect(letterOf(measured)).toMatch(/^ROUTINE/)
  })

  it('is as urgent as the most urgent halt, and gives each reason with its cause', () => {
    for (const record of RECORDS) {
      const letter = letterOf(record)
      const halts = haltsOf(record.exam).flatMap(({ gate }) => (gate.strength === 'halt' ? [gate] : []))
      if (halts.some((gate) => gate.urgency === 'emergency')) expect(letter).toMatch(/^EMERGENCY/)
      if (halts.length === 0) expect(letter).toMatch(/^ROUTINE/)
      for (const gate of halts) expect(letter).toContain(gate.reason)
      expect(letter).toMatch('Consent to testing')
      expect(letter).toMatch('does not diagnose')
    }
  })

  // What the safety text says of each answer, written down by hand.
  const SAYS = {
    emergency: ['saddle-numb', 'bladder', 'bowel'],
    'same-day': ['fever', 'double-vision'],
    urgent: ['clumsy-hands', 'unsteady'],
  } as const
  it.each(Object.entries(SAYS).flatMap(([urgency, items]) => items.map((item) => [item, urgency] as const)))('a yes to %s asks for %s', (item, urgency) => {
    const asked = SCREEN.flatMap((group) => group.items).find((one) => one.id === item)
    expect(asked, item).toBeDefined()
    const record = opened()
      .symptom('S1', { words: 'neck and leg', places: ['right-neck-back', 'left-calf'] })
      .then({ type: 'screen-answered', item, answer: 'yes' })
    const letter = letterOf({ exam: record.exam, events: record.events })
    const first = { emergency: /^EMERGENCY: please see this person now/, 'same-day': /^SAME DAY: /, urgent: /^URGENT: / }[urgency]
    expect(letter).toMatch(first ?? /never/)
    expect(letter).toContain(asked?.ask.replace(/[.?]$/, '') ?? 'never')
  })

  it('tells the complaint, and nothing of what is done next here', () => {
    for (const { exam } of RECORDS) {
      const letter = letterOf({ exam, events: [] })
      for (const symptom of exam.symptoms) expect(letter).toContain(`${symptom.id}: `)
      expect(letter).not.toMatch(/^Next: /m)
    }
  })

  it('gives the nerves at baseline with their time, or says that they are not known', () => {
    const { measured, begun } = recordsOfAllKinds()
    expect(begun && letterOf(begun)).toMatch('Not done: strength, reflexes and sensation are not known.')
    expect(measured && letterOf(measured)).toMatch(/- Neurological examination, lower limb, left, 2026-03-03T.+: strength 5: .+ reflex 2: /)
  })

  it('of an examination in which every test was done fits the record', () => {
    const { exam } = fullExam()
    const text = letterOf({ exam, events: [] })
    expect(text.length).toBeGreaterThan(5000)
    const event = { type: 'letter-written', to: '', urgency: 'routine', agreed: 'yes', text, id: exam.id, at: 1, by: 'test-author' }
    expect(eventIssues(event)).toEqual([])
  })

  it('says what was not examined, and never calls a question that was not asked a no', () => {
    const left = soreLeg().then({ type: 'test-skipped', test: 'faber', side: 'left', why: 'knee' })
    expect(letterOf(left)).toMatch('Left out: FABER test, left (knee).')
    const partly = letterOf({ exam: { ...left.exam, screen: { fever: 'no' } }, events: [] })
    expect(partly).toMatch(/Safety questions not asked: Cauda equina \(all 5\), /)
    expect(partly).not.toMatch(/Cauda equina: no/)
  })
})

const summaryIn = ({ exam }: Told, figures = false) => summaryText(summaryOf(assess(exam), { agreed: '', figures }))
/** Without what the person or the practitioner said, and without headings: the words of this program. */
const generated = (text: string) => text.replace(/“[^”]*”/g, 'this').replace(/^[A-Z ]+$/gm, '')

describe('the summary for the person', () => {
  it('can be read at about twelve, whatever was found', () => {
    const texts = [...RECORDS.map((r) => generated(summaryIn(r))), ...RECORDS.map((r) => generated(summaryIn(r, true)))]
    for (const text of texts) {
      expect(fleschKincaidGrade(text), text).toBeLessThan(6.5)
      expect(automatedReadabilityIndex(text), text).toBeLessThan(6.5)
      expect(fleschReadingEase(text), text).toBeGreaterThan(75)
    }
    // Every name of a test and a source may come to stand in it.
    const tests = CATALOGUE.map((t) => `Your pain came on when we ${t.plain.replaceAll('{side}', 'left')}.`)
    for (const text of [...tests, ...Object.values(SOURCES).map((s) => `Your pain may come from ${s.plain}.`)])
      expect(fleschKincaidGrade(text), text).toBeLessThan(9)
    expect(daleChallReadabilityScore(tests.join(' '))).toBeLessThan(7)
  })

  it('would notice the words of a colleague', () => {
    const clinical = RECORDS.map((r) => letterOf(r))
    expect(clinical.filter((text) => fleschKincaidGrade(text) > 6.5).length).toBeGreaterThan(clinical.length / 2)
  })

  it('names no test, source or rule in the words of the field, calls nothing a diagnosis, and gives a number only when asked', () => {
    for (const record of RECORDS) {
      const text = generated(summaryIn(record))
      for (const test of CATALOGUE) expect(text).not.toContain(test.name)
      expect(text).not.toMatch(/\d+ ?%|radiculopathy|positive|negative|provocation|probability/i)
      expect(text).not.toMatch(/Of 100 people/)
      expect(text).toMatch('This is not a diagnosis.')
    }
    const sure = ['thigh-thrust', 'gaenslen', 'faber'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis().test('sij-distraction', 'none', [BUTTOCK]))
    expect(summaryIn(sure, true)).toMatch(/Of 100 people with results like yours, about \d+ have it\./)
  })

  it('draws one or two movements that told something, and says where it came on', () => {
    const { measured } = recordsOfAllKinds()
    if (!measured) throw new Error('no record')
    const { movements } = summaryOf(assess(measured.exam), { agreed: '', figures: false })
    expect(movements.length).toBeGreaterThan(0)
    expect(movements.length).toBeLessThanOrEqual(2)
    expect(movements[0]).toMatchObject({ side: 'left', test: 'leg-raise' })
    expect(movements[0]?.says).toMatch(/^Your pain came on when we raised your straight left leg/)
    for (const record of RECORDS)
      for (const m of summaryOf(assess(record.exam), { agreed: '', figures: false }).movements) expect(testById(m.test)?.stages).toContain(m.stage)
  })

  it('says that the pain came on or got less only where somebody said so, whatever the result is', () => {
    for (const { exam } of [...RECORDS, fullExam()]) {
      const said = (word: string) => exam.runs.filter((run) => run.answers.some(({ answer }) => answer.said === word)).map((run) => run.test)
      const summary = summaryOf(assess(exam), { agreed: '', figures: false })
      for (const { test, says } of summary.movements) expect(said(says.startsWith('Your pain got less') ? 'eased' : 'familiar'), says).toContain(test)
      if (summaryText(summary).includes('None of them brought on')) expect(said('familiar')).toEqual([])
    }
  })

  // Seen and measured to the worst, and nobody was hurt; and hurt wherever that can be said.
  const ways = CATALOGUE.filter((test) => !test.follows).flatMap((test) => test.variants.map(({ id }) => [test.id, id] as const))
  it.each(ways)('%s, %s: no pain is told where none was, and none is hidden', (id, variant) => {
    const test = testById(id)
    const side = test?.sides === 'none' ? 'none' : 'right'
    const given = (hurts: boolean) =>
      Object.fromEntries(
        (test?.stages ?? []).flatMap((stage): readonly (readonly [string, Answer])[] => {
          if (stage.kind === 'observe') return [[stage.id, { said: 'observed', choice: stage.choices?.at(-1)?.id ?? '' }]]
          return stage.kind === 'load' && hurts ? [[stage.id, BUTTOCK]] : []
        }),
      )
    const before = id.startsWith('neck-') && id !== 'neck-compression' ? performed(sorePelvis(), 'neck-compression', 'none') : sorePelvis()
    const painless = performed(before, id, side, given(false), variant)
    expect(summaryIn(painless)).not.toMatch(/Your pain (came on|got less)|brought on your pain/)
    if (!test?.stages.some((stage) => stage.kind === 'load')) return
    const sore = performed(before, id, side, given(true), variant)
    if (sore.exam.runs.some((run) => run.answers.some(({ answer }) => answer.said === 'familiar')))
      expect(summaryIn(sore)).toMatch(/Your pain came on|brought on your pain/)
  })

  it('a dropped pulse that hurt nobody is no pain, and a known pain that does not count is not hidden', () => {
    const pulse = performed(sorePelvis(), 'arm-pulse-inspiration', 'left', { pulse: { said: 'observed', choice: 'gone' } }, 'pulse-alone')
    expect(assess(pulse.exam).findings.map((f) => f.result)).toEqual(['positive'])
    expect(summaryIn(pulse)).not.toMatch('Your pain came on')
    expect(summaryIn(pulse)).toMatch('1 test told us something, though it did not bring on your pain.')
    // Known pain in the low back is no sign of the leg's nerve, and yet the person felt it.
    const back = soreLeg()
      .symptom('S1', { words: 'back', places: ['left-low-back'] })
      .test('leg-raise', 'left', [own(['left-low-back'], 6, 40)])
    expect(assess(back.exam).findings.map((f) => f.result)).not.toContain('positive')
    expect(summaryIn(back)).not.toMatch('None of them brought on')
    expect(summaryIn(back)).toMatch('1 test brought on your pain')
  })

  it('a halt stands first, with how soon and why', () => {
    const { halted } = recordsOfAllKinds()
    const lines = (halted && summaryIn(halted))?.split('\n') ?? []
    expect(lines.slice(0, 2)).toEqual(['FIRST OF ALL', 'You need help at a hospital now. Please do not wait.'])
    expect(lines[2]).toMatch('You said yes when we asked: “Any new numbness between the legs')
  })

  it('tells when to seek help, by where the complaint is, from every group of the screen', () => {
    for (const group of SCREEN) expect(SAFETY_NET[group.id].length, group.name).toBeGreaterThan(0)
    expect(summaryIn(sorePelvis())).toMatch('sit on a saddle')
    const neck = sorePelvis().symptom('S1', { words: 'neck', places: ['right-neck-back'] })
    expect(summaryIn(neck)).toMatch('see double')
    expect(summaryIn(neck)).not.toMatch('sit on a saddle')
  })

  it('keeps what was agreed in its own words, and says where nothing was written', () => {
    const record = performed(soreLeg(), 'neuro-lower', 'left')
    expect(summaryText(summaryOf(assess(record.exam), { agreed: 'Walk ten minutes, twice a day.', figures: false }))).toMatch(
      'WHAT WE AGREED\nWalk ten minutes, twice a day.',
    )
    expect(summaryIn(record)).toMatch('WHAT WE AGREED\nNothing was written down here. Please ask.')
  })
})
