'use client'

import { useEffect, useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '../act'
import { Button } from '../button'
import { ProblemNotice } from '../problem-notice'

interface Student {
  readonly id: string
  readonly name: string
  readonly entrusted: boolean
}

const NO_ANSWER: Problem = { what: 'The server did not answer.', kept: 'Nothing was changed.', do: 'Try again in a moment.' }

/** Entrusts this examination to students of the clinic: they may record in it, and a practitioner signs. Silent where there are none. */
export function Students({ examId }: { readonly examId: string }) {
  const [students, setStudents] = useState<readonly Student[]>([])
  const [problem, setProblem] = useState<Problem | null>(null)
  const [asked, setAsked] = useState(0)
  useEffect(() => {
    let gone = false
    fetch(`/exam/${examId}/students`, { cache: 'no-store' })
      .then(async (response) => (response.ok ? ((await response.json()) as { readonly students: readonly Student[] }).students : []))
      .then(
        (came) => {
          if (!gone) setStudents(came)
        },
        () => undefined,
      )
    return () => {
      gone = true
    }
  }, [examId, asked])
  const turn = async (student: Student) => {
    try {
      setProblem(await act<Problem | null>('entrust', v7(), examId, student.id, student.entrusted))
    } catch {
      setProblem(NO_ANSWER)
    }
    setAsked((n) => n + 1)
  }
  if (students.length === 0) return null
  return (
    <section aria-label="Students" className="mt-5 border-t border-hair pt-4">
      <h3 className="font-semibold">Students</h3>
      <p className="text-ash">They may record in an examination that is entrusted to them. What they record carries their name; you sign it.</p>
      {problem && <ProblemNotice problem={problem} />}
      <ul className="mt-2">
        {students.map((student) => (
          <li key={student.id} className="flex flex-wrap items-center gap-4 py-1">
            <span className="min-w-44">
              {student.name}
              {student.entrusted && ', entrusted'}
            </span>
            <Button onClick={() => void turn(student)}>{student.entrusted ? `End it for ${student.name}` : `Entrust to ${student.name}`}</Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
