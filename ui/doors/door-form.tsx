'use client'

import { type ReactNode, type SubmitEvent, useRef, useState } from 'react'
import type { Problem } from '@/core/vocabulary/problem'
import { Button, type ButtonLook } from '../button'
import { ProblemNotice } from '../problem-notice'

interface Props {
  readonly label: string
  readonly submit: string
  /** @returns what is wrong, or null when it is done */
  readonly onSend: (typed: (name: string) => string) => Promise<Problem | null>
  /** Fields keep their own text: what is typed before the page is awake is not lost. */
  readonly children: ReactNode
  readonly beside?: ReactNode
  readonly className?: string
  /** What cannot be taken back looks like it. */
  readonly look?: ButtonLook
}

/** A few fields and one button, for everything that is asked at a door. */
export function DoorForm({ label, submit, onSend, children, beside, className = '', look = 'main' }: Props) {
  const form = useRef<HTMLFormElement>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [sending, setSending] = useState(false)
  const send = async () => {
    if (!form.current || sending) return
    const data = new FormData(form.current)
    const typed = (name: string) => {
      const value = data.get(name)
      return typeof value === 'string' ? value : ''
    }
    setSending(true)
    setProblem(null)
    try {
      const wrong = await onSend(typed)
      setProblem(wrong)
      // A secret that did not fit is typed anew.
      if (wrong) form.current.querySelector<HTMLInputElement>('input[type=password], input[data-secret]')?.select()
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'What you typed is still here.', do: 'Try again in a moment.' })
    } finally {
      setSending(false)
    }
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label={label}
      onSubmit={(e: SubmitEvent) => {
        e.preventDefault()
        void send()
      }}
      className={`flex flex-col gap-4 ${className}`}
    >
      {problem && <ProblemNotice problem={problem} />}
      {children}
      <div className="flex flex-wrap items-center gap-4">
        <Button look={look} type="submit" disabled={sending}>
          {submit}
        </Button>
        {beside}
      </div>
    </form>
  )
}
