import { describe, expect, it } from 'vitest'
import { bare, BUTTOCK, NOTHING, opened, own, performed, signed, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import type { Composed } from '../record/compose'
import { noteOf } from './note'
import { plainText } from './paragraph'
import { STATEMENT } from './statement'

const text = (record: Composed) => plainText(noteOf(assess(record.exam), 'A person, 43.'))

describe('the note', () => {
  it('of an examination that has not begun says so, part by part, and never that anything is clear', () => {
    const note = text(bare())
    for (const line of [
      'No symptom recorded.',
      'Consent to testing: not recorded.',
      'Not done.',
      'No test was done.',
      'Nothing tested yet points to a source.',
      STATEMENT,
    ]) {
      expect(note).toMatch(line)
    }
    expect(note).not.toMatch(/clear|normal|no sign/i)
  })

  it('tells what was not asked about a symptom instead of leaving it out', () => {
    const note = text(opened().symptom('S1', { places: ['left-calf'] }))
    expect(note).toMatch('S1: no words recorded; left calf; intensity now not asked.')
  })

  it('writes tests in the order the body lay, with way, angle and reason', () => {
    const record = sorePelvis()
      .test('sij-compression', 'right', [NOTHING])
      .test('leg-raise', 'left', [{ said: 'nothing', end: 82 }])
      .test('seated-leg-raise', 'left', [{ said: 'nothing', end: 88 }, NOTHING, NOTHING])
    const note = text(record)
    expect(note.indexOf('Sitting:')).toBeLessThan(note.indexOf('Supine:'))
    expect(note.indexOf('Supine:')).toBeLessThan(note.indexOf('Side-lying:'))
    expect(note).toMatch('- Straight leg raise, left (hip neutral, ankle free): negative. Nothing was felt up to 82°.')
  })

  it('a test that loads both sides is one line, on the side where the pain came on', () => {
    const note = text(sorePelvis().test('sij-distraction', 'none', [BUTTOCK]))
    expect(note.match(/- Sacroiliac distraction/g)?.length).toBe(1)
    expect(note).toMatch('Sacroiliac distraction, on the right')
  })

  it('the well-leg raise is told for the leg it speaks about', () => {
    expect(text(soreLeg().test('leg-raise', 'right', [own(['left-calf'], 6, 55)]))).toMatch('Crossed straight leg raise, right, for the left: positive.')
  })

  it('begins with how urgent it is and what stands out, in one sentence each', () => {
    const short = (record: Composed) =>
      noteOf(assess(record.exam), 'x')
        .find((p) => p.id === 'short')
        ?.statements.map((s) => s.text)
    expect(short(bare())).toEqual([
      'Nothing was tested.',
      expect.stringMatching(/^Urgency: routine, nothing found so far calls for a referral; \d+ safety questions not asked\.$/),
    ])
    const met = ['sij-compression', 'thigh-thrust', 'gaenslen', 'faber'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
    expect(short(met)).toEqual([
      expect.stringMatching(/^The findings point most to the sacroiliac joint, right: about \d+ %, from about 30 % before testing\.$/),
      expect.stringMatching(/^Next: .+\. Urgency: routine, nothing asked or found calls for a referral\.$/),
    ])
    const halted = met.then({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })
    expect(short(halted)?.[0]).toMatch('Emergency, now: Possible cauda equina syndrome')
    // Four of five inflammatory answers stand before a met pelvic rule.
    const inflamed = ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late'].reduce(
      (r, item) => r.then({ type: 'screen-answered', item, answer: 'yes' }),
      met,
    )
    expect(short(inflamed)).toEqual([
      'Refer first: findings that suggest axial spondyloarthritis.',
      'Next: refer before anything is treated. Urgency: medical review.',
    ])
  })

  it('keeps what was stopped, left out, warned of and added after signing', () => {
    const begun = sorePelvis()
      .symptom('S1', { places: ['right-buttock', 'right-calf'], qualities: ['shooting'], now: 3 })
      .test('faber', 'right', [])
    const run = begun.exam.runs[0]?.id ?? ''
    const record = signed(
      begun
        .then({ type: 'test-stopped', run, why: 'patient-asked' })
        .then({ type: 'test-skipped', test: 'gaenslen', side: 'right', why: 'hip too sore' })
        .test('leg-raise', 'right', [own(['right-calf'], 6, 25)])
        .test('thigh-thrust', 'right', [BUTTOCK]),
    ).then({ type: 'addendum-written', text: 'rang on Monday' })
    const note = text(record)
    expect(note).toMatch('Stopped at the patient’s request: ')
    expect(note).toMatch('Not done: Gaenslen test, right (hip too sore).')
    expect(note).toMatch('Began before 30°: check guarding and the hip')
    expect(note).toMatch('Mind (right): S1 also came on under nerve tension')
    expect(note).toMatch('ADDENDUM\nrang on Monday')
  })

  it('gives every figure with its companions and says that none is checked', () => {
    const met = sorePelvis().test('sij-distraction', 'none', [BUTTOCK]).test('thigh-thrust', 'right', [BUTTOCK]).test('gaenslen', 'right', [BUTTOCK])
    const note = text(met)
    expect(note).toMatch(/estimate \d+ %: published rule \d+ % .*, model \d+ %, as if the tests were independent \d+ %; pretest 30 %/)
    expect(note).toMatch(/SI joint, 3 of 6 \(.+\), right: met, 3 of 6; positive: distraction, thigh thrust, Gaenslen/)
    expect(note).toMatch(/SI joint, 2 of 4 \(.+\), right: met, 2 of 4/)
    expect(note).toMatch('not yet checked against them')
  })

  it('a test whose question did not arise leaves a trace, and a signature says when and by whom', () => {
    const record = performed(soreLeg(), 'crossed-leg-raise', 'left')
    const note = plainText(noteOf(assess(record.exam), 'Somebody'))
    expect(note).toMatch('Crossed straight leg raise, left: performed; the question it asks did not arise.')
    expect(note).not.toMatch(/SIGNATURE|No test was done/)
    expect(plainText(noteOf(assess(signed(record).exam), 'Somebody'))).toMatch(/SIGNATURE\nSigned 2026-03-03, \d\d:\d\d UTC by test-author\./)
    // Done on the well leg it has a result, and is told once.
    const well = plainText(noteOf(assess(performed(soreLeg(), 'crossed-leg-raise', 'right').exam), 'Somebody'))
    expect(well.match(/Crossed straight leg raise/g)).toHaveLength(1)
  })
})
