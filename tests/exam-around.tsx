import { type RenderResult, render } from '@testing-library/react'
import type { ReactNode } from 'react'
import type { Composed } from '@/core/record/compose'
import { ExamProvider } from '@/ui/exam/store'

/** Show a piece of a screen around an examination that is already recorded; nothing can be reached from it. */
export function renderAround(record: Composed, piece: ReactNode): RenderResult {
  return render(
    <ExamProvider examId={record.exam.id} by="test-author" stored={record.events} demo>
      {piece}
    </ExamProvider>,
  )
}
