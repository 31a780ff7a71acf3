import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { assess } from '@/core/assess'
import type { Clinic } from '@/core/evidence/knowledge'
import { SHIPPED } from '@/core/evidence/knowledge'
import { REGISTER, moves } from '@/core/evidence/register'
import type { Composed } from '@/core/record/compose'
import { standingOf } from '@/core/standing'
import { BUTTOCK, NOTHING, opened, own, performed, signed, soreLeg, sorePelvis } from '@/tests/people'
import { ExamProvider } from '@/ui/exam/store'
import { Leading } from './depends-on'
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
  it('says in a sentence what it depends on, once that is known, and never before', () => {
    const met = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
    const standing = standingOf(assess(met.exam).sources)
    const { rerender } = render(<Leading standing={standing} moved holding={undefined} />)
    expect(screen.getByRole('status')).toHaveTextContent('What that depends on is being computed.')
    rerender(<Leading standing={standing} moved holding={{ leader: 'x', holds: false, dependsOn: ['a'], words: 'depends on thigh thrust, right' }} />)
    expect(screen.getByRole('status')).toHaveTextContent('Sacroiliac joint, right leads. That depends on thigh thrust, right.')
    rerender(<Leading standing={standing} moved holding={{ leader: 'x', holds: true, dependsOn: [], words: 'holds' }} />)
    expect(screen.getByRole('status')).toHaveTextContent('It holds')
  })

  it('says when nothing stands out, and nothing while nothing was tested', () => {
    const { rerender } = render(<Leading standing={{ kind: 'none' }} moved holding={undefined} />)
    expect(screen.getByRole('status')).toHaveTextContent('Nothing stands out.')
    rerender(<Leading standing={{ kind: 'none' }} moved={false} holding={undefined} />)
    expect(screen.queryByRole('status')).toBeNull()
  })

  it('the ladder joins what shares a cause, and its table says the same in words', () => {
    show(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('gaenslen', 'right', [NOTHING]))
    const table = screen.getByRole('table', { name: 'Each finding and what it does to the odds' })
    expect(
      within(table)
        .getAllByRole('row')
        .map((r) => within(r).getByRole('rowheader').textContent),
    ).toEqual(['Start', 'Thigh thrust reproduced', 'Gaenslen not reproduced', 'Together, pelvic loading counted once'])
    expect(table).toHaveTextContent(/multiplied: ×/)
    expect(screen.getByText(/How far pelvic loading correlated tests: correlation 0\.3, fitted/)).toBeVisible()
  })

  it('a rule gives the reason of the finding that speaks about its own side', () => {
    show(sorePelvis().test('sij-distraction', 'none', [BUTTOCK]).test('thigh-thrust', 'right', [BUTTOCK]))
    const five = region('SI joint, 3 of 5')
    expect(five).toHaveTextContent('Sacroiliac distraction: reproduced.S1 in the right buttock')
    expect(five).not.toHaveTextContent('only on the other side')
    expect(five).toHaveTextContent(/Open: cheapest: .*without turning/)
  })

  it('a grading says that it is none, a pattern that it never gives a percentage, and parts are nested', () => {
    show(deficit(soreLeg()))
    expect(region('Lumbosacral radiculopathy, graded')).toHaveTextContent('A grading by the model.')
    expect(within(region('Lumbosacral radiculopathy, graded')).getByText(/Any of these/)).toBeVisible()
  })

  it('an override is shown as such on the ladder and in the rule’s figures', () => {
    const row = REGISTER.find((r) => r.of === 'thigh-thrust' && moves(r))?.id ?? ''
    const rates = { sens: 0.6, spec: 0.9, lrPositive: null, lrNegative: null, n: 50 }
    const rule = REGISTER.find((r) => r.of === 'pelvic-five' && moves(r))?.id ?? ''
    const overrides = [row, rule].map((id) => ({ row: id, figures: rates, source: 'our audit', by: 'Somebody', at: 1 }))
    show(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]), { ...SHIPPED, overrides })
    expect(screen.getByRole('rowheader', { name: 'Thigh thrust reproduced (entered by this clinic)' })).toBeVisible()
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
    ).toEqual(['Test', 'Lies', 'Seconds', 'Turning', 'Bits', 'Expected gain a minute', 'For'])
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
