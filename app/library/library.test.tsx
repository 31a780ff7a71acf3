import { fireEvent, render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { stageAs } from '@/core/catalogue/exam-test'
import { CATALOGUE } from '@/core/catalogue'
import { rowsOf } from '@/core/evidence/register'
import { offered, stagesOf } from '@/core/record/outline'
import { EvidenceTable } from './[test]/evidence-table'
import { StageStepper } from './[test]/stage-stepper'
import { TestList } from './test-list'

describe('the library', () => {
  it('finds a test by any of its names, its posture or what it loads', async () => {
    render(<TestList />)
    const find = screen.getByLabelText('Find by name, posture or structure')
    for (const [words, test] of [
      ['lasegue', 'Straight leg raise'],
      ['patrick', 'FABER test'],
      ['prone', 'Sacral thrust'],
      ['hamstrings sitting', 'Slump test'],
    ] as const) {
      await userEvent.clear(find)
      await userEvent.type(find, words)
      expect(screen.getByRole('link', { name: new RegExp(test) })).toBeVisible()
    }
    await userEvent.type(find, ' nothing like that')
    expect(screen.getByText('No test here fits that.')).toBeVisible()
  })

  it.each(CATALOGUE.map((test) => [test.id, test] as const))('%s: every stage of every way can be stepped through, drawn', (_, test) => {
    render(<StageStepper testId={test.id} />)
    for (const way of offered(test.variants)) {
      if (offered(test.variants).length > 1) fireEvent.change(screen.getByLabelText('Technique'), { target: { value: way.id } })
      const list = within(screen.getByRole('list'))
      for (const stage of stagesOf(test, way.id).map((s) => stageAs(test, way.id, s))) {
        const row = list.getByText(stage.label).closest('button')
        expect(row, stage.label).not.toBeNull()
        if (row) fireEvent.click(row)
        expect(row).toHaveAttribute('aria-current', 'step')
        expect(screen.getByText(`“${stage.ask}”`)).toBeVisible()
        expect(screen.getByRole('img').getAttribute('aria-label')?.length).toBeGreaterThan(10)
      }
    }
  })

  it('shows the side that is asked for', async () => {
    render(<StageStepper testId="thigh-thrust" />)
    expect(screen.getByText(/Bend the right hip/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'left' }))
    expect(screen.getByText(/Bend the left hip/)).toBeVisible()
  })

  it('shows every figure with its doubt, the one that moves numbers first', () => {
    render(<EvidenceTable rows={rowsOf('leg-raise')} />)
    const rows = screen.getAllByRole('row').slice(1)
    expect(rows[0]).toHaveTextContent('Vroomen 2002')
    expect(rows[0]).toHaveTextContent('Changes the estimate.')
    for (const row of rows.slice(1)) expect(row).not.toHaveTextContent('Changes the estimate.')
    expect(screen.getByRole('row', { name: /Lauder 2000/ })).toHaveTextContent('unverified')
    for (const row of rows) expect(row).toHaveTextContent('not checked against the paper')
  })

  it('says so where nothing is published', () => {
    render(<EvidenceTable rows={[]} />)
    expect(screen.getByText(/points, and changes no estimate/)).toBeVisible()
  })
})
