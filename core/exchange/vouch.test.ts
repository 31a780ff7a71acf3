import { createHash } from 'node:crypto'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, signed, sorePelvis } from '@/tests/people'
import { assess } from '../assess'
import { EDITION } from '../edition'
import { SHIPPED } from '../evidence/knowledge'
import { letterBody, type LetterHead, letterText, urgencyOf } from '../note/letter'
import { summaryOf, summaryText } from '../note/summary'
import { chainLink, canonical, CHAIN_START, pointOf, type Sha256 } from '../record/chain'
import { checkCode, CODE_HEX, hashPrefixOf } from '../record/check-code'
import type { Composed } from '../record/compose'
import type { EventContent, ExamEvent } from '../record/event'
import type { Frozen } from '../record/frozen'
import { momentInZone } from '../vocabulary/zone'
import { differencesOf } from './compare-frozen'
import { freeze, signatureOf } from './freeze'
import { READERS, recomputed } from './recompute'
import { recordMovedOn, type Vouchable, vouchFor } from './vouch'

const sha256: Sha256 = (text) => createHash('sha256').update(text).digest('hex')
const record = sorePelvis()
  .test('thigh-thrust', 'right', [BUTTOCK])
  .test('faber', 'right', [own(['right-buttock'])])
  .test('gaenslen', 'left', [NOTHING])
const HEAD = { about: 'Somebody, 43, number 101', born: null, by: 'Maren Oake' }
const stamped = (content: EventContent) => ({ ...content, id: '018f0000-0000-7000-8000-000000000001', at: 9, by: 'maren-oake' }) as Vouchable
const vouch = (content: EventContent, from: Composed = record, since: readonly ExamEvent[] = []) =>
  vouchFor({ event: stamped(content), events: from.events, since, clinic: SHIPPED, head: HEAD })
const truth = signatureOf(record.exam)
if (!truth.frozen) throw new Error('A signature holds what was read.')
const sealed = truth.frozen

describe('a signature', () => {
  it('is vouched for when it holds what the record gives, the last digit of a figure aside', () => {
    expect(vouch(truth)).toEqual({ ok: true })
    const rounded = JSON.parse(
      JSON.stringify(sealed, (_, part: unknown) => (typeof part === 'number' && !Number.isInteger(part) ? part * (1 + 1e-13) : part)),
    ) as Frozen
    expect(vouch({ ...truth, frozen: rounded })).toEqual({ ok: true })
  })

  it('with all findings turned to negative, another estimate or another sentence is refused, with what differs', () => {
    const lies: readonly (readonly [Frozen, RegExp])[] = [
      [
        { ...sealed, findings: sealed.findings.map((f) => ({ ...f, result: 'negative' as const })) },
        /Result “Thigh thrust.*sent as negative; the record gives positive/,
      ],
      [{ ...sealed, findings: sealed.findings.slice(1) }, /is in the record and not in what was sent/],
      [{ ...sealed, estimates: sealed.estimates.map((e) => ({ ...e, model: 0.02 })) }, /Estimate .*, model: sent as 0.02/],
      [
        { ...sealed, note: sealed.note.map((part, i) => (i === 0 ? { ...part, lines: ['Fit for manipulation.'] } : part)) },
        /Note “In short”.*Fit for manipulation/,
      ],
      [{ ...sealed, conclusion: 'Fit for manipulation' }, /Conclusion: sent as “Fit for manipulation”/],
    ]
    for (const [frozen, words] of lies) {
      const vouched = vouch({ ...truth, frozen })
      expect(vouched).toMatchObject({ ok: false, unsigned: true })
      if (!vouched.ok) expect(vouched.problem.what).toMatch(words)
    }
  })

  it('with any one value changed anywhere is refused', () => {
    const paths: (readonly (string | number)[])[] = []
    const walk = (value: unknown, path: readonly (string | number)[]) => {
      if (typeof value === 'object' && value !== null)
        for (const [key, part] of Object.entries(value)) walk(part, [...path, Array.isArray(value) ? Number(key) : key])
      else if (path[0] !== 'edition') paths.push(path)
    }
    walk(sealed, [])
    fc.assert(
      fc.property(fc.constantFrom(...paths), (path) => {
        const copy = structuredClone(sealed) as unknown as Record<string | number, unknown>
        let at = copy
        for (const key of path.slice(0, -1)) at = at[key] as typeof copy
        const last = path.at(-1) ?? ''
        const value = at[last]
        at[last] = typeof value === 'number' ? value + 0.01 : typeof value === 'boolean' ? !value : `${String(value)} changed`
        expect(differencesOf(copy as unknown as Frozen, sealed).length).toBeGreaterThan(0)
      }),
      { numRuns: 200 },
    )
  })

  it('of an edition that cannot be computed again waits unsigned; one that can is computed by its own reader', () => {
    const older = { ...EDITION, rules: EDITION.rules - 1 }
    expect(vouch({ ...truth, frozen: { ...sealed, edition: older } })).toMatchObject({
      ok: false,
      unsigned: true,
      problem: { do: expect.stringMatching('sign it again') as string },
    })
    // A program that can still compute the edition before its own.
    const readers = [
      ...READERS,
      { edition: older, freeze: (exam: Parameters<typeof assess>[0]) => ({ ...freeze(assess(exam)), edition: older, conclusion: 'as it was said then' }) },
    ]
    const before = recomputed(record.exam, older, { readers })
    const now = recomputed(record.exam, EDITION, { readers })
    expect([before?.conclusion, now?.conclusion]).toEqual(['as it was said then', sealed.conclusion])
    const input = { events: record.events, since: [], clinic: SHIPPED, head: HEAD }
    if (!before) throw new Error('It can be computed.')
    expect(vouchFor({ ...input, event: stamped({ ...truth, frozen: before }) }, readers)).toEqual({ ok: true })
    expect(vouchFor({ ...input, event: stamped({ ...truth, frozen: { ...before, conclusion: sealed.conclusion ?? '' } }) }, readers)).toMatchObject({
      ok: false,
    })
    expect(recomputed(record.exam, { ...EDITION, register: 99 }, { readers })).toBeNull()
  })

  it('over a record that has gone on, or that names none, is told so', () => {
    const point = pointOf(record.events, sha256)
    const moved = recordMovedOn(stamped({ ...truth, of: point }), point.length + 1)
    expect(moved).toMatchObject({ ok: false, unsigned: true, problem: { what: expect.stringMatching('grown by 1 entry') as string } })
    expect(recordMovedOn(stamped(truth), 9)).toMatchObject({ ok: false, unsigned: true })
  })
})

describe('a letter', () => {
  const zone = 'Europe/Vienna'
  const head: LetterHead = { ...HEAD, examinedAt: record.exam.openedAt, when: (at) => momentInZone(at, zone) }
  const body = letterBody(assess(record.exam), head)
  const frame = { to: 'Dr Hale', urgency: 'routine', agreed: 'yes' } as const
  const letter = (text: string, more: object = {}): EventContent => ({ type: 'letter-written', ...frame, text, zone, ...more })

  it('is kept as the record gives it, or with a body that says it was changed by hand; its head and foot are the record’s', () => {
    expect(vouch(letter(letterText(frame, head, body)))).toEqual({ ok: true })
    expect(vouch(letter(letterText(frame, head, 'All is well.')))).toMatchObject({
      ok: false,
      problem: { what: expect.stringMatching('line 1 was sent as “All is well.”') as string },
    })
    expect(vouch(letter(letterText(frame, head, 'All is well.'), { edited: true }))).toEqual({ ok: true })
    for (const other of [
      { ...head, about: 'Somebody else' },
      { ...head, by: 'Nobody' },
      { ...head, when: () => 'yesterday' },
    ]) {
      expect(vouch(letter(letterText(frame, other, body), { edited: true }))).toMatchObject({ ok: false })
    }
    expect(vouch(letter('URGENT: made up', { edited: true }))).toMatchObject({ ok: false })
    expect(vouch(letter(letterText(frame, head, body), { zone: 'Nowhere/Here' }))).toMatchObject({ ok: false })
  })

  it('never asks for less than the record does, also where a halt came after it was written', () => {
    const halted = record.then({ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' })
    const asked = urgencyOf(assess(halted.exam))
    expect(asked).not.toBe('routine')
    const again = { ...head, examinedAt: halted.exam.openedAt }
    const text = letterText(frame, again, letterBody(assess(halted.exam), again))
    expect(vouch(letter(text), halted)).toMatchObject({ ok: false, problem: { what: expect.stringMatching('asks for less') as string } })
    const since = halted.events.slice(record.events.length)
    expect(vouch(letter(letterText(frame, head, body)), record, since)).toMatchObject({
      ok: false,
      problem: { what: expect.stringMatching('was halted') as string },
    })
  })

  it('tells its times the same on every machine, winter and summer', () => {
    expect(momentInZone(Date.UTC(2026, 11, 2, 23, 5), zone)).toBe('3 December 2026, 00:05')
    expect(momentInZone(Date.UTC(2026, 6, 2, 23, 5), zone)).toBe('3 July 2026, 01:05')
    expect(momentInZone(Number.NaN, zone)).toBe('at an unreadable time')
  })
})

describe('a summary', () => {
  it('is kept as the record gives it, and no other', () => {
    const kept = { agreed: 'Walk every day.', figures: false }
    const text = summaryText(summaryOf(assess(record.exam), kept))
    expect(vouch({ type: 'summary-given', ...kept, text })).toEqual({ ok: true })
    expect(vouch({ type: 'summary-given', ...kept, text: `${text} You may lift again.` })).toMatchObject({ ok: false })
  })
})

describe('a check code', () => {
  it('stands for the beginning of a hash, however it is typed', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom(...Array.from('0123456789abcdef')), minLength: 64, maxLength: 64 }), (hash) => {
        const code = checkCode(hash)
        expect(code).toMatch(/^([0-9A-HJKMNP-TV-Z]{4}-){4}[0-9A-HJKMNP-TV-Z]{4}$/)
        expect(hashPrefixOf(code)).toBe(hash.slice(0, CODE_HEX))
        expect(hashPrefixOf(code.toLowerCase().replaceAll('-', ' ').replaceAll('0', 'o').replaceAll('1', 'l'))).toBe(hash.slice(0, CODE_HEX))
      }),
    )
    for (const bad of ['', '7K3M', 'U'.repeat(20), '7'.repeat(21)]) expect(hashPrefixOf(bad)).toBeNull()
  })

  it('is another one for another record: the chain counts every entry', () => {
    const whole = signed(record).events
    const end = pointOf(whole, sha256)
    expect(pointOf(whole.slice(3), sha256, pointOf(whole.slice(0, 3), sha256))).toEqual(end)
    expect(end.length).toBe(whole.length)
    const [first] = whole
    if (!first) throw new Error('A record has its opening.')
    expect(pointOf([first], sha256).hash).toBe(chainLink(CHAIN_START, canonical(first), sha256))
    expect(pointOf([{ ...first, at: first.at + 1 }, ...whole.slice(1)], sha256).hash).not.toBe(end.hash)
  })
})
