'use client'

import { usePathname } from 'next/navigation'
import { useRef } from 'react'
import { answerStory, storyQuestions, type StoryQuestionId } from '@/core/trainer/story-questions'
import { useKeys } from '@/ui/exam/use-keys'
import { Key } from '@/ui/key'
import { usePractice } from '@/ui/practice/context'

/** The person sits there and says what they are asked, and nothing else. What they say is written down by hand. */
export function StoryAsks() {
  const practice = usePractice()
  const path = usePathname()
  const first = useRef<HTMLButtonElement>(null)
  const here = path.endsWith('/story') && practice !== null && !practice.over
  useKeys(({ key }) => {
    if (key !== 'q') return false
    first.current?.focus()
    return true
  }, here)
  if (!here) return null
  const { patient, steps, note } = practice
  const asked = steps.flatMap((s) => (s.kind === 'story' ? [s.question] : []))
  const questions = storyQuestions(patient)
  const left = questions.filter((q) => !asked.includes(q.id))
  const ask = (question: StoryQuestionId) => note({ kind: 'story', question })
  return (
    <section
      aria-label="Ask the person"
      className="no-print grid max-h-60 gap-x-6 gap-y-2 overflow-y-auto border-b border-hair bg-sheet px-4 py-3 sm:px-6 lg:grid-cols-2"
    >
      <div>
        <h2 className="text-lg">
          They answer what you ask <Key>Q</Key>
        </h2>
        <ul className="mt-1 flex flex-wrap gap-1.5">
          {left.map((question, i) => (
            <li key={question.id}>
              <button
                ref={i === 0 ? first : undefined}
                type="button"
                onClick={() => ask(question.id)}
                className="min-h-11 rounded-full border border-edge bg-dust px-3 text-left"
              >
                {question.ask}
              </button>
            </li>
          ))}
        </ul>
        {left.length === 0 && <p className="text-ash">Everything was asked.</p>}
      </div>
      <div aria-live="polite">
        {asked.length > 0 && (
          <dl aria-label="What they said" className="space-y-1">
            {asked.toReversed().map((id) => (
              <div key={id}>
                <dt className="inline text-ash">{questions.find((q) => q.id === id)?.ask} </dt>
                <dd className="inline font-serif text-[17px] italic">“{answerStory(patient, id)}”</dd>
              </div>
            ))}
          </dl>
        )}
        {asked.length === 0 && <p className="text-ash">Nothing was asked yet. Write down and paint what they tell you: the record is yours.</p>}
      </div>
    </section>
  )
}
