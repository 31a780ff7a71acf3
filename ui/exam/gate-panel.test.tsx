import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { contraindicationOf, type ClosedGate } from '@/core/safety/safety'
import type { Composed } from '@/core/record/compose'
import { renderAround } from '@/tests/exam-around'
import { sorePelvis } from '@/tests/people'
import { GatePanel } from './gate-panel'
import { useExam } from './store'

const fallen = () => sorePelvis().then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' })

/** The gate as it stands now, and what the record says of it. */
function Now({ test }: { readonly test: string }) {
  const { exam } = useExam()
  const closed: ClosedGate | undefined = contraindicationOf(exam, test, '')
  return closed ? <GatePanel closed={closed} /> : <p>May begin.</p>
}
const show = (record: Composed) => renderAround(record, <Now test="thigh-thrust" />)

describe('a closed gate', () => {
  it('says what closed it and what to do, to those who see it and to those who hear it', () => {
    show(fallen())
    expect(screen.getByRole('alert', { name: 'Blocked' })).toHaveTextContent('Possible fracture of pelvis, sacrum or spine.')
    expect(screen.getByRole('alert')).toHaveTextContent('Do not load this region until it is ruled out.')
  })

  it('opens only with a reason that says something, and then the test may begin', async () => {
    show(fallen())
    await userEvent.click(screen.getByRole('button', { name: 'Open it with a reason' }))
    const reason = screen.getByLabelText('Reason for going on all the same')
    expect(reason).toHaveFocus()
    const open = screen.getByRole('button', { name: 'Open it with this reason' })
    expect(open).toBeDisabled()
    await userEvent.type(reason, '  a {Enter}')
    expect(screen.getByRole('alert')).toBeVisible()
    await userEvent.type(reason, 'picture of yesterday shows none')
    await userEvent.click(open)
    expect(screen.getByText('May begin.')).toBeVisible()
  })

  it('can be left closed after all, and stays so', async () => {
    show(fallen())
    await userEvent.click(screen.getByRole('button', { name: 'Open it with a reason' }))
    await userEvent.type(screen.getByLabelText('Reason for going on all the same'), 'because')
    await userEvent.click(screen.getByRole('button', { name: 'Leave it closed' }))
    expect(screen.queryByLabelText('Reason for going on all the same')).toBeNull()
    expect(screen.getByRole('alert', { name: 'Blocked' })).toBeVisible()
  })

  it('a caution is told without a way through: nothing is closed', () => {
    const [caution] = [contraindicationOf(fallen().exam, 'thigh-thrust', '')].flatMap((gate) =>
      gate ? [{ ...gate, gate: { ...gate.gate, strength: 'caution' as const } }] : [],
    )
    if (!caution) throw new Error('A fall closes the pelvis.')
    renderAround(fallen(), <GatePanel closed={caution} />)
    expect(screen.getByRole('note', { name: 'Caution' })).toBeVisible()
    expect(screen.queryByRole('button')).toBeNull()
  })
})
