import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type Audited, poolOf } from '@/core/audit/pool'
import { publishedRules } from '@/core/audit/published'
import { notUsable, type SeriesChange, type SeriesEntry, seriesOf } from '@/core/audit/series'
import type { AuditFacts } from '@/core/audit/facts'
import { AuditFigures } from './audit-figures'
import { AuditScreen } from './audit-screen'
import { NewSeries } from './reliability/new-series'
import { SeriesCard } from './reliability/series-card'

const refresh = vi.fn()
let arrived: Promise<unknown> = Promise.resolve()
vi.mock('@/devices/simulated-series', async (original) => {
  await arrived
  return original()
})
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }))

const asked: string[] = []
const sent: (readonly unknown[])[] = []
let refusal: unknown = null
const facts: AuditFacts = {
  region: 'pelvis',
  seconds: 840,
  tests: [{ test: 'thigh-thrust', seconds: 30 }],
  rules: [],
  estimates: [{ source: 'sij-pain', side: 'right', p: 0.7 }],
  leads: true,
  plan: { done: 3, skipped: 1, open: 2, beside: 0, ownOrder: false },
  overrides: [{ test: 'thigh-thrust', result: 'negative', why: 'a hip that locked' }],
  halts: [{ gate: 'cauda-equina', opened: null }],
  unasked: { malignancy: 2 },
  changed: { better: 1, same: 0, worse: 0, alerts: 0 },
}
const audited = (exam: string, holds: boolean): Audited => ({
  exam,
  person: 101,
  facts,
  firstVisit: true,
  confirmed: [{ source: 'sij-pain', side: 'right', holds }],
})
const rules = publishedRules()
const names = {
  tests: { 'thigh-thrust': 'Thigh thrust' },
  rules: Object.fromEntries(Object.entries(rules).map(([id, rule]) => [id, { ...rule, sourceName: rule.source }])),
  gates: { 'cauda-equina': 'Possible cauda equina syndrome.' },
  groups: { malignancy: 'Malignancy and infection' },
}

beforeEach(() => {
  asked.length = 0
  sent.length = 0
  refusal = null
  refresh.mockReset()
  vi.stubGlobal('fetch', (url: string, init?: { body?: string }) => {
    if (url.startsWith('/audit/part')) {
      asked.push(url)
      return Promise.resolve(Response.json(poolOf([])))
    }
    sent.push((JSON.parse(init?.body ?? '{}') as { args: readonly unknown[] }).args)
    return Promise.resolve(Response.json({ came: refusal }))
  })
})

describe('the figures of an audit', () => {
  it('stand in grey where few are confirmed, beside the published ones, with the examinations behind each', () => {
    const id = Object.keys(rules).find((rule) => rules[rule]?.source === 'sij-pain' && rules[rule].sensitivity !== null) ?? ''
    const mine = { ...facts, rules: [{ rule: id, source: 'sij-pain', side: 'right' as const, state: 'met' as const }] }
    render(<AuditFigures pooled={poolOf([audited('exam-one', true), audited('exam-two', false)].map((a) => ({ ...a, facts: mine })))} names={names} />)
    const row = within(screen.getByRole('region', { name: 'Rules against confirmed sources' })).getByRole('row', {
      name: new RegExp(`^${rules[id]?.title.slice(0, 12) ?? ''}`),
    })
    expect(row).toHaveTextContent('too few')
    expect(row).toHaveTextContent(new RegExp(`published ${Math.round((rules[id]?.sensitivity ?? 0) * 100)}`))
    expect(
      within(row)
        .getAllByRole('link', { hidden: true })
        .map((link) => link.getAttribute('href')),
    ).toEqual(['/exam/exam-one/note', '/exam/exam-two/note'])
    expect(screen.getAllByText(/a hip that locked/)).toHaveLength(2)
    expect(screen.getByText('Possible cauda equina syndrome.')).toBeInTheDocument()
    expect(screen.getByText('Malignancy and infection')).toBeInTheDocument()
  })

  it('are asked for month after month; an examiner alone may not ask for everybody; days the wrong way round ask for nothing', async () => {
    render(<AuditScreen names={names} lead={false} year={{ from: '2026-01-01', to: '2026-03-31' }} />)
    expect(await screen.findByText(/^No examination in this stretch/)).toBeInTheDocument()
    expect(asked).toHaveLength(3)
    expect(asked.every((url) => url.includes('who=me'))).toBe(true)
    expect(
      within(screen.getByLabelText('Examiner'))
        .getAllByRole('option')
        .map((o) => o.textContent),
    ).toEqual(['me alone'])
    await userEvent.clear(screen.getByLabelText('To'))
    await userEvent.type(screen.getByLabelText('To'), '2025-12-01')
    expect(screen.getByText('The last day comes before the first.')).toBeInTheDocument()
    expect(screen.queryByRole('link', { name: 'Save as CSV' })).toBeNull()
  })
})

describe('a reliability series', () => {
  const SETUP = { kind: 'begun', test: 'leg-raise', side: 'left', variant: 'neutral', stage: 'raise', examiners: 2, trials: 2, people: 'patients' } as const
  const entries = (changes: readonly SeriesChange[]): readonly SeriesEntry[] =>
    [SETUP, ...changes].map((change, i) => ({ id: `e${i}`, by: 'Maren Oake', at: i, change }))
  const show = (changes: readonly SeriesChange[], lead = true, people: 'patients' | 'simulated' = 'patients') => {
    const series = seriesOf(entries(changes).map((e) => (e.change.kind === 'begun' ? { ...e, change: { ...e.change, people } } : e)))
    if (!series) throw new Error('The series does not open.')
    const limits = { joint: 'hip', min: 0, max: 120, usual: [10, 100] as const }
    const shown = {
      measure: 'hip',
      limits,
      unit: '°',
      technique: 'neutral',
      published: '10°',
      begun: '1 Nov 2026',
      usedSince: '2 Nov 2026',
      against: notUsable(series),
      lead,
    }
    return render(<SeriesCard series={{ ...series, id: 's1' }} title="Straight leg raise, left" {...shown} />)
  }
  const measured = (person: number, examiner: 1 | 2, values: readonly number[]): SeriesChange => ({ kind: 'measured', person, examiner, values, results: [] })
  const enough = [1, 2, 3, 4, 5].flatMap((p) => [measured(p, 1, [40 + p, 41 + p]), measured(p, 2, [42 + p, 42 + p])])

  it('keeps what one examiner found from the other until both have entered theirs', () => {
    show([measured(1, 1, [44, 47])])
    const row = screen.getByRole('row', { name: /^1/ })
    expect(row).toHaveTextContent('1entered–')
    expect(row).not.toHaveTextContent('44')
  })

  it('takes figures and nothing else, and goes on with whoever is missing', async () => {
    show([measured(1, 1, [44, 47])])
    expect(screen.getByLabelText('Examiner')).toHaveValue('2')
    const field = screen.getByLabelText('2 trials, with commas')
    await userEvent.type(field, 'forty')
    await userEvent.click(screen.getByRole('button', { name: 'Enter' }))
    expect(screen.getByText('These are no figures.')).toBeInTheDocument()
    expect(field).toHaveValue('forty')
    expect(sent).toEqual([])
    await userEvent.clear(field)
    await userEvent.type(field, '43, 45')
    await userEvent.click(screen.getByRole('button', { name: 'Enter' }))
    expect(sent[0]?.slice(1)).toEqual(['s1', measured(1, 2, [43, 45])])
    expect(refresh).toHaveBeenCalled()
  })

  it('enters what a simulated person gives, though Enter is pressed before it is there', async () => {
    const line = new EventTarget()
    arrived = new Promise((resolve) => line.addEventListener('through', resolve))
    show([], true, 'simulated')
    await userEvent.click(screen.getByRole('button', { name: 'Measure a simulated person' }))
    await userEvent.click(screen.getByRole('button', { name: 'Enter' }))
    expect(sent).toEqual([])
    line.dispatchEvent(new Event('through'))
    await vi.waitFor(() => expect(sent[0]?.[2]).toMatchObject({ kind: 'measured', person: 1, examiner: 1, values: [expect.any(Number), expect.any(Number)] }))
  })

  it('replaces the published error by a choice of a lead with a reason, and by nobody else', () => {
    show(enough, false)
    expect(screen.queryByRole('form', { name: 'Use this error' })).toBeNull()
    expect(screen.getByRole('row', { name: /^MDC95 / })).not.toHaveTextContent('not known yet')
  })

  it('asks a lead why, and can be given back', async () => {
    show(enough)
    const form = screen.getByRole('form', { name: 'Use this error' })
    await userEvent.type(within(form).getByLabelText('Why; it stays on record'), 'our own hands')
    await userEvent.click(within(form).getByRole('button', { name: /^Use \d/ }))
    expect(sent[0]?.slice(1)).toEqual(['s1', { kind: 'used', why: 'our own hands' }])
  })

  it('is begun with a test, a side, a technique and a stage', async () => {
    const tests = [
      {
        id: 'leg-raise',
        name: 'Straight leg raise',
        sides: 'each' as const,
        variants: [{ id: 'neutral', name: 'neutral' }],
        stages: [{ id: 'raise', name: 'Raise' }],
      },
    ]
    render(<NewSeries tests={tests} />)
    await userEvent.click(screen.getByRole('button', { name: 'Begin a series' }))
    const form = screen.getByRole('form')
    refusal = { what: 'This cannot be stored.', kept: 'It is still here.', do: 'Correct it.' }
    await userEvent.click(
      within(form)
        .getAllByRole('button')
        .find((b) => b.getAttribute('type') === 'submit') ?? form,
    )
    expect(screen.getByText('This cannot be stored.')).toBeInTheDocument()
    expect(sent[0]?.[2]).toMatchObject({ kind: 'begun', test: 'leg-raise', variant: 'neutral' })
  })
})
