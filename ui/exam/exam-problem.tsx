'use client'

import { ProblemNotice } from '../problem-notice'
import { useExam } from './store'

/** The last thing the record could not take, under the header of every exam screen. */
export function ExamProblem() {
  const { problem, dismissProblem } = useExam()
  return (
    problem && (
      <div className="px-6 pt-3">
        <ProblemNotice problem={problem} onClose={dismissProblem} />
      </div>
    )
  )
}
