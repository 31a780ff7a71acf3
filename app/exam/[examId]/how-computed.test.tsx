import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it } from 'vitest'
import { assess, type SourceVerdict } from '@/core/assess'
import type { Exam } from '@/core/record/exam'
import { sourceOf } from '@/core/vocabulary/source'
import { estimateOf, rankedSources, sourceKey } from '@/core/standing'
import { percent } from '@/core/note/percent'
import { BUTTOCK, sorePelvis } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { BenchScreen } from './bench/bench-screen'
import { WeighScreen } from './weigh/weigh-screen'

afterEach(() => {
  window.location.hash = ''
})

const tested = () => sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('faber', 'right', [BUTTOCK])

/** A source of which nothing is known yet. */
function untested(exam: Exam): SourceVerdict {
  const source = assess(exam).sources.find((s) => s.weighed === null && s.prior !== null)
  if (!source) throw new Error('Some source was not tested.')
  return source
}
const titleOf = ({ source, side }: SourceVerdict) => `${sourceOf(source).name}, ${side}`

describe('how a figure was computed', () => {
  it('is told beside it on the board: each finding with what it did, the pretest and its reason, and where it ended', async () => {
    const record = tested()
    const [lead] = rankedSources(assess(record.exam).sources)
    const p = lead && estimateOf(lead)
    renderAround(record, <BenchScreen />)
    await userEvent.click(screen.getByRole('button', { name: 'How this was computed: Sacroiliac joint, right' }))
    const dialog = await screen.findByRole('dialog', { name: 'Sacroiliac joint, right: how this was computed' })
    const rows = within(dialog).getAllByRole('row')
    expect(rows[0]).toHaveTextContent(/Pretest probability.*%/)
    expect(dialog).toHaveTextContent(/Thigh thrust.*positive/)
    expect(rows.at(-1)).toHaveTextContent(`Estimate${percent(p ?? 0)}`)
    expect(dialog).toHaveTextContent('Pretest:')
    expect(within(dialog).getByRole('link', { name: 'All of it on Weigh' })).toHaveAttribute('href', expect.stringContaining('/weigh#sij-pain%20right'))
  })

  it('where findings only support or oppose a source no figure is made, and it is not called untested', () => {
    const record = tested()
    for (const row of assess(record.exam).sources.filter((s) => s.prior !== null && s.weighed === null)) {
      const { unmount } = renderAround(record, <BenchScreen />)
      const said = row.pointers.length > 0 ? 'no figure' : 'not assessed yet'
      expect(screen.getByRole('img', { name: `${titleOf(row)}: ${said}` })).toBeInTheDocument()
      unmount()
    }
  })

  it('says of a source that nothing was tested for that it is unknown, and keys do not answer behind it', async () => {
    const record = tested()
    renderAround(record, <BenchScreen />)
    const before = document.getElementById('in-hand')?.textContent
    await userEvent.click(screen.getByRole('button', { name: `How this was computed: ${titleOf(untested(record.exam))}` }))
    expect(await screen.findByRole('dialog')).toHaveTextContent('unknown, and not clear')
    await userEvent.keyboard(' ')
    expect(document.getElementById('in-hand')?.textContent).toBe(before)
  })

  it('an address that names a source opens Weigh at it; half an address opens it as usual', () => {
    const record = tested()
    const other = untested(record.exam)
    window.location.hash = encodeURIComponent(sourceKey(other))
    const { unmount } = renderAround(record, <WeighScreen />)
    expect(screen.getByRole('article')).toHaveAccessibleName(titleOf(other))
    unmount()
    window.location.hash = '%E0%A4%A'
    renderAround(record, <WeighScreen />)
    expect(screen.getByRole('article')).toHaveAccessibleName('Sacroiliac joint, right')
  })
})
