import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Composed } from '@/core/record/compose'
import { BUTTOCK, signed as sign, sorePelvis } from '@/tests/people'
import { ExamProvider, type House, useExam } from '@/ui/exam/store'
import { SchoolsCard } from './schools-card'

function Way() {
  const { exam } = useExam()
  return <output>{`${exam.schools['slump-order'] ?? 'default'}, ${exam.setting}, ${exam.runs.map((r) => r.variant).join()}`}</output>
}

const show = (record: Composed, house: House) =>
  render(
    <ExamProvider examId={record.exam.id} by="test-author" stored={record.events} house={house}>
      <SchoolsCard />
      <Way />
    </ExamProvider>,
  )
const card = () => screen.queryByRole('region', { name: 'Schools of this examination' })

describe('the schools of an examination', () => {
  it('are not mentioned while examination and clinic follow the default', () => {
    show(sorePelvis(), { schools: {}, setting: 'referred' })
    expect(card()).toBeNull()
  })

  it('the clinic’s are taken over by one press, and what was done keeps its way', async () => {
    show(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]), { schools: { 'slump-order': 'neck-first' }, setting: 'first-contact' })
    expect(card()).toHaveTextContent('The default school everywhere.')
    const before = screen.getByRole('status').textContent
    expect(before).toMatch(/^default, referred, /)
    await userEvent.click(screen.getByRole('button', { name: 'Follow the clinic from here on' }))
    expect(screen.getByRole('status')).toHaveTextContent(before.replace('default, referred', 'neck-first, first-contact'))
    expect(card()).toHaveTextContent('In which order is the slump built? Neck before trunk.')
    expect(screen.queryByRole('button', { name: 'Follow the clinic from here on' })).toBeNull()
  })

  it('a signed examination keeps its own', () => {
    const signed = sign(sorePelvis().then({ type: 'schools-chosen', schools: { 'slump-order': 'neck-first' }, setting: 'referred' }))
    show(signed, { schools: {}, setting: 'referred' })
    expect(card()).toHaveTextContent('Neck before trunk')
    expect(screen.queryByRole('button')).toBeNull()
  })
})
