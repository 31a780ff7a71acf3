'use client'

import Link from 'next/link'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { v7 } from 'uuid'
import { type DrillAnswer, type DrillId, type DrillItem, DRILLS, type DrillScore } from '@/core/trainer/drills/drill'
import { itemOf, topicsOf } from '@/core/trainer/drills/items'
import { type Drilled, levelOf, nextTopic } from '@/core/trainer/drills/schedule'
import type { Problem } from '@/core/vocabulary/problem'
import { counted } from '@/core/vocabulary/sentence'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { PoseFigure } from '@/ui/figure/pose-figure'
import { Key } from '@/ui/key'
import { ProblemNotice } from '@/ui/problem-notice'
import { useKeys } from '@/ui/exam/use-keys'
import { ChoiceAnswer, EstimateAnswer } from './answers'
import { OrderAnswer } from './order-answer'
import { PressAnswer } from './press-answer'
import { type Missed, SetEnd } from './set-end'

interface Props {
  readonly drill: DrillId
  readonly answers: readonly Drilled[]
}

interface Asked {
  readonly seed: string
  readonly item: DrillItem
  readonly level: 1 | 2 | 3 | 4 | 5
}

/** A set of questions: what is due first, as hard as the last answers say, and why after each; at its end how it went. */
export function DrillScreen({ drill, answers: before }: Props) {
  const [answers, setAnswers] = useState(before)
  const ask = useCallback(
    (given: readonly Drilled[]): Asked => {
      const seed = v7()
      const level = levelOf(given)
      const topic = nextTopic(drill, topicsOf(drill), given, Date.now(), (fresh) => fresh[Math.floor(Math.random() * fresh.length)])
      return { seed, level, item: itemOf(drill, topic, level, seed) }
    },
    [drill],
  )
  const [asked, setAsked] = useState<Asked>(() => ask(before))
  const [score, setScore] = useState<DrillScore | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const id = useRef(v7())
  const on = useRef<HTMLButtonElement>(null)
  /** How many answers there were when this set began. */
  const [from, setFrom] = useState(before.length)
  const [missed, setMissed] = useState<readonly Missed[]>([])
  const [over, setOver] = useState(false)
  const set = answers.slice(from)
  const { questions } = DRILLS[drill]
  const right = set.filter((a) => a.right).length
  const answer = async (given: DrillAnswer) => {
    const { item, seed, level } = asked
    const came = await act<DrillScore | Problem>('answer-drill', id.current, { drill, topic: item.topic, seed, level, answer: given }).catch(
      (): Problem => ({ what: 'The server did not answer.', kept: 'The question stays.', do: 'Try again in a moment.' }),
    )
    if ('what' in came) {
      setProblem(came)
      return
    }
    id.current = v7()
    setProblem(null)
    setScore(came)
    if (!came.right) setMissed((now) => [...now, { ask: item.ask, told: came.told }])
    setAnswers((now) => [...now, { drill, topic: item.topic, at: Date.now(), level, right: came.right, share: came.share, error: came.error }])
  }
  const next = () => {
    setScore(null)
    if (set.length >= questions) setOver(true)
    else setAsked(ask(answers))
  }
  const again = () => {
    setFrom(answers.length)
    setMissed([])
    setOver(false)
    setAsked(ask(answers))
  }
  useKeys(({ key, onControl }) => {
    if (score === null || onControl || (key !== 'enter' && key !== 'space')) return false
    next()
    return true
  }, true)
  useEffect(() => {
    if (score) on.current?.focus()
  }, [score])
  if (over) return <SetEnd drill={drill} answers={answers} set={set} missed={missed} onAgain={again} />
  const { item } = asked
  return (
    <section aria-labelledby="question" className="mt-4">
      <p role="status" className="text-ash">
        Question {Math.min(questions, set.length + (score ? 0 : 1))} of {questions}, level {asked.level} of 5.{' '}
        {set.length > 0 && `${right} of ${counted(set.length, 'answer')} right.`}
      </p>
      <h2 id="question" className="mt-2 text-2xl">
        {item.ask}
      </h2>
      {'lines' in item && item.lines.length > 0 && (
        <ul className="mt-2 space-y-1 text-lg">
          {item.lines.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      <Figure item={item} />
      {problem && <ProblemNotice problem={problem} />}
      <div className="mt-4">
        <Answers key={asked.seed} item={item} done={score !== null} onAnswer={(given) => void answer(given)} />
      </div>
      {score && (
        <div role="alert" className={`mt-4 rounded-card border-l-[6px] bg-sheet px-4 py-3 ${score.right ? 'border-ink' : 'border-lantern'}`}>
          <p className="text-lg font-semibold">{score.right ? 'Right.' : 'Not right.'}</p>
          <p>{score.told}</p>
        </div>
      )}
      {score && (
        <p className="mt-4 flex gap-3">
          <button ref={on} type="button" onClick={next} className="min-h-14 rounded-card bg-ink px-6 text-lg font-semibold text-dust">
            {set.length >= questions ? 'How it went' : 'Next'} <Key mute>Enter</Key>
          </button>
          <Button asChild size="large">
            <Link href="/practice">That is enough</Link>
          </Button>
        </p>
      )}
    </section>
  )
}

function Figure({ item }: { readonly item: DrillItem }) {
  const figure = 'figure' in item ? item.figure : null
  // Nothing of the answer is in the picture's name.
  return useMemo(
    () =>
      figure ? <PoseFigure figure={figure} describes="A drawn pose; the question stands above." angle={null} marks={[]} className="mt-3 h-72 w-full" /> : null,
    [figure],
  )
}

interface AnswersProps {
  readonly item: DrillItem
  readonly done: boolean
  readonly onAnswer: (given: DrillAnswer) => void
}

function Answers({ item, done, onAnswer }: AnswersProps) {
  switch (item.kind) {
    case 'estimate':
      return <EstimateAnswer item={item} done={done} onAnswer={onAnswer} />
    case 'choice':
      return <ChoiceAnswer item={item} done={done} onAnswer={onAnswer} />
    case 'order':
      return <OrderAnswer item={item} done={done} onAnswer={onAnswer} />
    case 'press':
      return <PressAnswer item={item} done={done} onAnswer={onAnswer} />
  }
}
