'use client'

import { Frown, Hand, Meh, MessageCircle, Smile } from 'lucide-react'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { InHand } from '@/core/bench/in-hand'
import type { Asked, HandsOn } from '@/core/trainer/attempt'
import type { Doing, Step } from '@/core/trainer/mechanics/strain'
import type { BodyAnswer } from '@/core/trainer/body'
import { Key } from '@/ui/key'
import { type Practice, type Untimed, usePractice } from '@/ui/practice/context'
import { useBody } from '@/ui/practice/use-body'
import type { Bench } from './use-bench'
import { useHandOn } from './use-hand-on'

/** Until the body has answered. */
const SILENT: BodyAnswer['response'] = {
  answer: { said: 'nothing' },
  words: '',
  led: '',
  strength: '',
  slips: '',
  stop: false,
  wince: null,
  hands: '',
}

interface Props {
  readonly bench: Bench
  readonly inHand: InHand
}

/** The person on the table, in practice: the step is done with the hand, the question is put, and what they show and say is read. */
export function PatientStrip({ bench, inHand }: Props) {
  const practice = usePractice()
  if (!practice || practice.over) return null
  const { test, side, variant, stage, run } = inHand
  // Anything of the step before this one is gone with it.
  const key = [run?.id ?? `new ${bench.route.length}`, test.id, side, variant, stage.id, run?.answers.length ?? 0].join(' ')
  return <OneStep key={key} practice={practice} bench={bench} inHand={inHand} />
}

function OneStep({ practice, bench, inHand }: Props & { readonly practice: Practice }) {
  const { note } = practice
  const { test, side, variant, stage } = inHand
  const before = useMemo(() => stepsBefore(practice, inHand), [practice, inHand])
  const doing = useMemo<Doing>(() => ({ test, side, variant, before, step: { stage, reach: {} } }), [test, side, variant, before, stage])
  const hand = useHandOn(practice, doing, bench)
  const [asked, setAsked] = useState<Asked | null>(null)
  const { reach, done } = hand
  const part = bench.parts.chosen
  const reached = useMemo(() => ({ ...reach, ...(part !== null && stage.kind === 'release' && { part }) }), [reach, part, stage.kind])
  const taken = useMemo<Doing>(() => ({ ...doing, step: { stage, reach: reached } }), [doing, stage, reached])
  const response = useBody(practice, taken, !hand.moves)?.response ?? SILENT
  const tell = (how: Asked): Untimed => ({
    kind: 'hands',
    ...(hand.since !== null && { at: hand.since }),
    test: test.id,
    side,
    variant,
    stage: stage.id,
    reach: reached,
    ...(hand.farthest !== null && { farthest: hand.farthest }),
    pace: hand.pace,
    asked: how,
  })
  const ask = (how: Asked) => {
    if (!done) return
    setAsked(how)
    note(tell(how))
  }
  // Whoever writes an answer down without a question has asked nothing; that it was done is kept all the same.
  useUnasked(done && asked === null, () => note(tell('nothing')))
  useStripKeys(hand, ask)
  const isFelt = stage.kind === 'load' || stage.kind === 'release' || stage.kind === 'return' || stage.kind === 'relief'
  const told = isFelt || response.words !== ''
  const winces = hand.winced || (done && !hand.moves && response.wince !== null)
  const Face = winces ? Frown : done && response.slips !== '' ? Meh : Smile
  return (
    <section aria-label="The person" className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-hair bg-glow px-4 py-2 sm:px-6">
      <button
        type="button"
        onPointerDown={(e) => {
          if (e.button === 0) hand.begin(e.shiftKey)
        }}
        onPointerUp={hand.end}
        onPointerLeave={hand.end}
        onPointerCancel={hand.end}
        onClick={(e) => {
          // A press that came from no pointer: Enter or a screen reader.
          if (e.detail === 0) hand.once()
        }}
        className="min-h-14 select-none rounded-card border-2 border-lantern bg-dust px-4 font-semibold"
      >
        <Hand size={18} aria-hidden="true" className="mr-1 inline" /> {hand.words} <Key>+</Key>
      </button>
      {hand.shown !== null && (
        <span className="figures min-w-20 text-2xl" aria-label="Your hand">
          {hand.shown}
        </span>
      )}
      <button
        type="button"
        disabled={!done}
        onClick={() => ask('open')}
        className="min-h-14 rounded-card border-2 border-ink px-4 font-semibold disabled:border-edge disabled:text-ash"
      >
        <MessageCircle size={18} aria-hidden="true" className="mr-1 inline" /> {told ? 'Ask' : 'Look'} <Key>,</Key>
      </button>
      {isFelt && (
        <button type="button" disabled={!done} onClick={() => ask('leading')} className="min-h-14 rounded-card border-2 border-edge px-3 disabled:text-ash">
          “Does it hurt there?” <Key>;</Key>
        </button>
      )}
      <p aria-live="polite" className="min-w-56 flex-1">
        <Face size={26} aria-hidden="true" className="mr-2 inline" />
        <span className="sr-only">{winces ? 'The face shows pain. ' : ''}</span>
        {asked === null ? (
          <span className="text-ash">
            {!done ? (
              'Nothing done yet.'
            ) : response.stop ? (
              <strong className="font-serif text-[19px] text-halt italic">“{response.slips}”</strong>
            ) : winces ? (
              'The face shows it.'
            ) : response.slips !== '' ? (
              <span className="font-serif italic">“{response.slips}”</span>
            ) : (
              'Nothing to see.'
            )}
          </span>
        ) : (
          <>
            {told && <span className="font-serif text-[19px] italic">“{asked === 'leading' ? response.led : response.words}”</span>}{' '}
            {bench.pending?.said === 'familiar' && response.strength !== '' && (
              <span className="font-serif text-[19px] italic">How strong? “{response.strength}”</span>
            )}{' '}
            {response.hands}
          </>
        )}
      </p>
    </section>
  )
}

/** Steps of this performance before the one in hand, as far as the hands took them. */
function stepsBefore({ steps }: Practice, { test, side, run }: InHand): readonly Step[] {
  return (run?.answers ?? []).flatMap(({ stage: id, answer }): Step[] => {
    const stage = test.stages.find((s) => s.id === id)
    if (!stage) return []
    const hands = steps.findLast((s): s is HandsOn => s.kind === 'hands' && s.test === test.id && s.side === side && s.stage === id)
    const onset = answer.said === 'familiar' ? answer.onset : undefined
    return [
      { stage, reach: { ...(onset !== undefined && stage.angle && { degrees: onset }), ...hands?.reach, ...('part' in answer && { part: answer.part }) } },
    ]
  })
}

/** Runs once as the step is left, where it was done and nobody asked. */
function useUnasked(isOwed: boolean, tell: () => void): void {
  const latest = useRef<(() => void) | null>(null)
  useEffect(() => {
    latest.current = isOwed ? tell : null
  })
  useEffect(() => () => latest.current?.(), [])
}

/** The signs of the strip: the hand as long as its key is down, the question, and the one that should not be put. */
function useStripKeys(hand: ReturnType<typeof useHandOn>, ask: (how: Asked) => void): void {
  const latest = useRef({ hand, ask })
  useEffect(() => {
    latest.current = { hand, ask }
  })
  useEffect(() => {
    const isField = (e: KeyboardEvent) => e.target instanceof Element && e.target.closest('input, select, textarea, [role=dialog]') !== null
    const down = (e: KeyboardEvent) => {
      if (isField(e) || e.ctrlKey || e.metaKey || e.altKey) return
      if (e.key === '+' || e.key === '=' || e.key === '*') {
        e.preventDefault()
        if (!e.repeat) latest.current.hand.begin(e.key === '*')
      } else if (e.key === '-') {
        e.preventDefault()
        if (!e.repeat) latest.current.hand.back()
      } else if (e.key === ',') {
        e.preventDefault()
        latest.current.ask('open')
      } else if (e.key === ';') {
        e.preventDefault()
        latest.current.ask('leading')
      }
    }
    const stop = () => latest.current.hand.end()
    const up = (e: KeyboardEvent) => {
      if (['+', '=', '*', '-'].includes(e.key)) stop()
    }
    document.addEventListener('keydown', down)
    document.addEventListener('keyup', up)
    window.addEventListener('blur', stop)
    return () => {
      document.removeEventListener('keydown', down)
      document.removeEventListener('keyup', up)
      window.removeEventListener('blur', stop)
    }
  }, [])
}
