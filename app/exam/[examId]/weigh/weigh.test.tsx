import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { assess } from '@/core/assess'
import type { Clinic } from '@/core/evidence/knowledge'
import { SHIPPED } from '@/core/evidence/knowledge'
import { REGISTER, moves } from '@/core/evidence/register'
import type { Composed } from '@/core/record/compose'
import { BUTTOCK, NOTHING, opened, own, performed, signed, soreLeg, sorePelvis } from '@/tests/people'
import { ExamProvider } from '@/ui/exam/store'
import { answerOf } from '@/core/note/answer'
import { holdingWords } from './depends-on'
import { WeighScreen } from './weigh-screen'

const show = (record: Composed, clinic: Clinic = SHIPPED) =>
  render(
    <ExamProvider examId={record.exam.id} by="test-author" stored={record.events} clinic={clinic}>
      <WeighScreen />
    </ExamProvider>,
  )
const region = (name: string) => screen.getByRole('region', { name })
const deficit = (record: Composed) => performed(record, 'neuro-lower', 'left', {}).test('leg-raise', 'left', [own(['left-calf'], 6, 48)])

describe('why the leading source leads', () => {
  it('begins with what a colleague would say, what would overturn it, and what next', () => {
    const met = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
    show(met)
    const answer = region('The answer')
    expect(answer).toHaveTextContent(
      /^Sacroiliac joint, right, stands out: about \d+ %, from 30 % before testing\.Positive: sacroiliac compression, thigh thrust and Gaenslen test\./,
    )
    expect(answer).toHaveTextContent('What would overturn it')
    expect(answer).toHaveTextContent('What next')
    // The arithmetic stands below, folded.
    expect(screen.getByText('How the estimate was computed').closest('details')).not.toHaveAttribute('open')
  })

  it('says what it depends on once that is known, and never before', () => {
    expect(holdingWords(undefined)).toMatch('being computed')
    expect(holdingWords({ leader: 'x', holds: false, dependsOn: ['a'], words: 'depends on thigh thrust, right' })).toBe('Depends on thigh thrust, right.')
    expect(holdingWords({ leader: 'x', holds: true, dependsOn: [], words: 'holds' })).toMatch('No single finding reversed')
  })

  it('says when nothing stands out, what comes first, and that what was not tested is not known', () => {
    expect(answerOf(assess(sorePelvis().exam))).toEqual(['Nothing was tested yet, so nothing is known.'])
    const little = assess(sorePelvis().test('thigh-thrust', 'right', [NOTHING]).exam)
    expect(answerOf(little)).toEqual([expect.stringMatching(/^Nothing stands out/), expect.stringMatching(/^Highest so far: /)])
    const inflamed = ['slow-start-young', 'stiff-morning', 'better-moving', 'wakes-late'].reduce(
      (r, item) => r.then({ type: 'screen-answered', item, answer: 'yes' }),
      sorePelvis(),
    )
    expect(answerOf(assess(inflamed.exam))[0]).toMatch('Refer first: the findings suggest axial spondyloarthritis')
  })

  it('the ladder joins what shares a cause, and its table says the same in words', () => {
    show(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('gaenslen', 'right', [NOTHING]))
    const table = screen.getByRole('table', { name: 'Each finding and what it does to the odds' })
    expect(
      within(table)
        .getAllByRole('row')
        .map((r) => within(r).getByRole('rowheader').textContent),
    ).toEqual(['Pretest probability', 'Thigh thrust positive', 'Gaenslen test negative', 'Correlated, pelvic loading: counted together'])
    expect(table).toHaveTextContent(/as if independent: \d/)
    expect(screen.getByText(/Correlated tests, pelvic loading: correlation 0\.3, fitted/)).toBeInTheDocument()
  })

  it('a rule gives the reason of the finding that speaks about its own side', () => {
    show(sorePelvis().test('sij-distraction', 'none', [BUTTOCK]).test('thigh-thrust', 'right', [BUTTOCK]))
    const five = region('SI joint, 3 of 5')
    expect(five).toHaveTextContent('Sacroiliac distraction: positive.S1 in the right buttock')
    expect(five).not.toHaveTextContent('only on the other side')
    expect(five).toHaveTextContent(/Open: cheapest: .*no position change/)
  })

  it('a grading says that it is none, a pattern that it never gives a percentage, and parts are nested', () => {
    show(deficit(soreLeg()))
    expect(region('Lumbosacral radiculopathy, graded')).toHaveTextContent('A graded list, by the model.')
    expect(within(region('Lumbosacral radiculopathy, graded')).getByText(/Any of these/)).toBeInTheDocument()
  })

  it('an override is shown as such on the ladder and in the rule’s figures', () => {
    const row = REGISTER.find((r) => r.of === 'thigh-thrust' && moves(r))?.id ?? ''
    const rates = { sens: 0.6, spec: 0.9, lrPositive: null, lrNegative: null, n: 50 }
    const rule = REGISTER.find((r) => r.of === 'pelvic-five' && moves(r))?.id ?? ''
    const overrides = [row, rule].map((id) => ({ row: id, figures: rates, source: 'our audit', by: 'Somebody', at: 1 }))
    show(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]), { ...SHIPPED, overrides })
    expect(screen.getByRole('rowheader', { name: 'Thigh thrust positive (entered by this clinic)' })).toBeInTheDocument()
    expect(region('SI joint, 3 of 5')).toHaveTextContent('Entered by this clinic.')
  })
})

describe('level and next', () => {
  it('draws expected against found for the first two, in words too, and names what would part them', () => {
    show(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]))
    const level = region('Level, left leg')
    expect(level).toHaveTextContent(/L5 or S1, too close to call|S1 or L5, too close to call/)
    expect(within(level).getByRole('table')).toHaveTextContent('Straight leg raisebrought on')
    expect(level).toHaveTextContent('It is no probability')
    expect(level).toHaveTextContent('Would part the first two.')
  })

  it('says what next and why, and what each test is worth for its time', () => {
    show(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]))
    const next = region('What next')
    expect(next).toHaveTextContent(/Plan: full baseline/)
    expect(within(next).getAllByRole('row').length).toBeGreaterThan(3)
    expect(
      within(next)
        .getAllByRole('columnheader')
        .map((h) => h.textContent),
    ).toEqual(['Test', 'Position', 'Seconds', 'Position change', 'Expected gain', 'Gain a minute', 'For'])
  })

  it('a signed examination asks for nothing more', () => {
    show(signed(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])))
    expect(screen.queryByRole('region', { name: 'What next' })).toBeNull()
  })

  it('with nothing tested it says so, and shows no figure', async () => {
    show(opened())
    await userEvent.click(screen.getByRole('button', { name: /Sacroiliac joint, right/ }))
    expect(screen.getByText(/Not assessed yet: no test done so far/)).toBeVisible()
    expect(screen.queryByRole('region', { name: 'Four figures' })).toBeNull()
  })
})
