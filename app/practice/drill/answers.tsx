'use client'

import { useState } from 'react'
import type { ChoiceItem, DrillAnswer, EstimateItem } from '@/core/trainer/drills/drill'
import { Button } from '@/ui/button'
import { BOX, Field } from '@/ui/field'
import { Key } from '@/ui/key'
import { useKeys } from '@/ui/exam/use-keys'

interface Props<I> {
  readonly item: I
  readonly done: boolean
  readonly onAnswer: (given: DrillAnswer) => void
}

/** A figure that is typed. */
export function EstimateAnswer({ item, done, onAnswer }: Props<EstimateItem>) {
  const [typed, setTyped] = useState('')
  const value = Number(typed)
  const fits = typed.trim() !== '' && !Number.isNaN(value) && value >= item.min && value <= item.max
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        if (fits && !done) onAnswer({ kind: 'estimate', value })
      }}
    >
      <Field label={`Your estimate, ${item.min} to ${item.max}${item.unit}`} className="w-64">
        {(tie) => (
          <input
            autoComplete="off"
            {...tie}
            autoFocus
            inputMode="numeric"
            value={typed}
            disabled={done}
            onChange={(e) => setTyped(e.target.value)}
            className={BOX}
          />
        )}
      </Field>
      <Button type="submit" look="main" size="large" disabled={!fits || done}>
        Answer
      </Button>
    </form>
  )
}

/** One of a few, by its number. */
export function ChoiceAnswer({ item, done, onAnswer }: Props<ChoiceItem>) {
  const [chosen, setChosen] = useState<string | null>(null)
  const choose = (choice: string) => {
    if (done || chosen !== null) return
    setChosen(choice)
    onAnswer({ kind: 'choice', choice })
  }
  useKeys(({ key }) => {
    const choice = item.choices[Number(key) - 1]
    if (!choice || done) return false
    choose(choice.id)
    return true
  }, true)
  return (
    <div role="group" aria-label="Answers" className="flex flex-wrap gap-2">
      {item.choices.map((choice, i) => (
        <button
          key={choice.id}
          type="button"
          aria-pressed={chosen === choice.id}
          disabled={done && chosen !== choice.id}
          onClick={() => choose(choice.id)}
          className={`min-h-14 rounded-card border-2 px-4 text-lg font-semibold ${done && choice.id === item.truth ? 'border-ink bg-glow' : 'border-edge'} aria-pressed:border-ink`}
        >
          {choice.words} <Key>{String(i + 1)}</Key>
          {done && choice.id === item.truth && <span className="sr-only"> (right)</span>}
        </button>
      ))}
    </div>
  )
}
