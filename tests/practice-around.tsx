import { type RenderResult, render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { EDITION } from '@/core/edition'
import type { Composed } from '@/core/record/compose'
import { carefulSteps } from '@/core/trainer/examinee'
import { parOf } from '@/core/trainer/judge/economy'
import { judge } from '@/core/trainer/judge/judge'
import { askedTruly } from '@/core/trainer/perform'
import type { Commitment, PracticeStep } from '@/core/trainer/attempt'
import type { SimulatedPatient } from '@/core/trainer/simulated-patient'
import { ExamProvider } from '@/ui/exam/store'
import { PracticeProvider } from '@/ui/practice/context'

interface Given {
  readonly record?: Composed
  readonly steps?: readonly PracticeStep[]
  readonly commitment?: Commitment
  readonly teaches?: string
}

/** Show a piece of a screen around a run of practice with this person; nothing can be reached from it. */
export function renderPractice(
  patient: SimulatedPatient,
  piece: ReactNode,
  { record = askedTruly(patient, EDITION), steps = [], commitment, teaches = '' }: Given = {},
): RenderResult {
  const { events } = record
  const committed = commitment ? { said: commitment, at: (events.at(-1)?.at ?? 0) + 1 } : null
  const par = committed && parOf(patient)
  const judged =
    committed && par
      ? { par, judgement: judge(patient, { events, steps: carefulSteps(patient, events), commitment: committed.said, committedAt: committed.at }, par) }
      : null
  return render(
    <ExamProvider examId={record.exam.id} by="test-author" stored={events} lies={{ at: (screen) => `/practice/run/1/${screen}`, heard: false }}>
      <PracticeProvider
        hidden={false}
        runId="1"
        patient={patient}
        steps={steps}
        over={committed !== null}
        judged={judged}
        commitment={committed}
        teaches={teaches}
      >
        {piece}
      </PracticeProvider>
    </ExamProvider>,
  )
}
