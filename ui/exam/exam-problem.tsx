'use client'

import { ProblemNotice } from '../problem-notice'
import { SetAsidePanel } from './set-aside'
import { useExam } from './store'

/** The last thing the record could not take, and what was set aside, under the header of every exam screen. */
export function ExamProblem() {
  const { problem, dismissProblem } = useExam()
  return (
    <>
      {problem && (
        <div className="px-6 pt-3">
          <ProblemNotice problem={problem} onClose={dismissProblem} />
        </div>
      )}
      <SetAsidePanel />
    </>
  )
}
