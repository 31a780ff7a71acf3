'use client'

import { fetched } from '../fetched'
import { ProblemNotice } from '../problem-notice'
import { useExam } from './store'

// Nothing is set aside on nearly every day, so its words come when they are needed.
const SetAsidePanel = fetched(() => import('./set-aside').then((m) => m.SetAsidePanel))

/** The last thing the record could not take, and what was set aside, under the header of every exam screen. */
export function ExamProblem() {
  const { problem, dismissProblem, link } = useExam()
  return (
    <>
      {problem && (
        <div className="px-6 pt-3">
          <ProblemNotice problem={problem} onClose={dismissProblem} />
        </div>
      )}
      {link.aside.length > 0 && <SetAsidePanel />}
    </>
  )
}
