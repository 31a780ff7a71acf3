'use client'

import { useMemo } from 'react'
import { contraindicationWords, precautionWords } from '@/core/catalogue/condition'
import type { Stage } from '@/core/catalogue/exam-test'
import { figureOf } from '@/core/figure/figure'
import { stanceOf } from '@/core/figure/stance'
import type { Answer } from '@/core/record/answer'
import { offered, stagesOf } from '@/core/record/outline'
import { listWords } from '@/core/vocabulary/sentence'
import type { InHand } from '@/core/bench/in-hand'
import type { Aside } from '@/core/bench/state'
import { CommandKey } from '@/ui/exam/command-key'
import { PlanView } from '@/ui/figure/plan-view'
import { Key } from '@/ui/key'

const SAID: Record<Answer['said'], string> = {
  nothing: 'nothing',
  stretch: 'stretch only',
  familiar: 'familiar pain',
  other: 'something else',
  eased: 'eased',
  unchanged: 'no change',
  returned: 'came back',
  'stayed-away': 'stayed away',
  worse: 'worse',
  'nothing-to-relieve': 'no symptom to relieve',
  observed: 'seen',
  measured: 'measured',
  grid: 'filled in',
}

/** What was recorded at a stage, as short as it can be told. */
function saidWords(answer: Answer, stage: Stage): string {
  const held = 'held' in answer ? `, ${answer.held} s` : ''
  if (answer.said === 'observed') return stage.choices?.find((c) => c.id === answer.choice)?.words.toLowerCase() ?? answer.choice
  if (answer.said === 'measured') return answer.trials.map((t) => `${t}${stage.angle?.unit ?? '°'}`).join(', ')
  return `${SAID[answer.said]}${held}`
}

interface Props {
  readonly inHand: InHand
  readonly onOpen: (aside: Aside) => void
  readonly onMove: (by: 1 | -1) => void
}

/** The stages of the test in hand, what does not count, and how it is done. */
export function Ladder({ inHand, onOpen, onMove }: Props) {
  const { test, run, stage, variant } = inHand
  const { side } = inHand
  const stance = useMemo(() => stanceOf(stage.pose, side, figureOf(stage.pose, side)), [stage.pose, side])
  const done = test.variants.find((v) => v.id === variant)
  return (
    <aside
      aria-label="Stages, cautions and technique of this test"
      tabIndex={0}
      className="my-4 flex flex-col gap-4 border-hair px-4 text-[15px] sm:px-6 lg:overflow-y-auto lg:border-l lg:px-5"
    >
      {stance && (
        <figure>
          <PlanView stance={stance} className="h-20 w-full" />
          <figcaption className="text-[15px] leading-tight">{stance.words}</figcaption>
        </figure>
      )}
      <ol className="space-y-2.5">
        {stagesOf(test, variant).map((s) => {
          const given = run?.answers.find((a) => a.stage === s.id)
          const now = s.id === stage.id
          return (
            <li key={s.id} aria-current={now ? 'step' : undefined} className="flex gap-3">
              <span
                data-mark={given && !now ? '' : undefined}
                className={`mt-1 size-4 shrink-0 rounded-full border-2 ${now ? 'border-lantern bg-lantern ring-4 ring-glow' : given ? 'border-ash bg-ash' : 'border-edge'}`}
                aria-hidden="true"
              />
              <span>
                <span className={now ? 'font-semibold' : ''}>{s.label}</span>
                {s.holdSeconds > 0 && <span className="block text-ash">{s.holdSeconds} seconds</span>}
                {given && <span className="block text-ash">{saidWords(given.answer, s)}</span>}
              </span>
            </li>
          )
        })}
      </ol>
      {test.anchors && (
        <div className="border-t border-hair pt-3">
          <h3 className="text-ash">Usual</h3>
          <p>{listWords(test.anchors)}</p>
        </div>
      )}
      <div className={test.anchors ? '' : 'border-t border-hair pt-3'}>
        <h3 className="text-ash">Does not count</h3>
        <p>{listWords(test.doesNotCount)}</p>
      </div>
      {test.notWith.length > 0 && (
        <div>
          <h3 className="font-semibold text-halt">Not with</h3>
          <p>{listWords(test.notWith.map(contraindicationWords))}</p>
        </div>
      )}
      {test.careWith.length > 0 && (
        <div>
          <h3 className="text-ash">With care</h3>
          <p>{listWords(test.careWith.map(precautionWords))}</p>
        </div>
      )}
      {offered(test.variants).length > 1 && (
        <div>
          <h3 className="text-ash">Technique</h3>
          <p>{done?.name}</p>
          {done?.how && <p className="text-ash">{done.how}</p>}
          {run === null && (
            <button
              type="button"
              onClick={() => onOpen('technique')}
              className="mt-1.5 min-h-14 w-full rounded-card border border-edge bg-sheet px-3 text-left"
            >
              Another technique <CommandKey of="technique" />
            </button>
          )}
        </div>
      )}
      <div role="group" aria-label="Order of this test" className="flex gap-2">
        <OrderButton onPress={() => onMove(-1)} keyName="⇧←" words="Earlier" />
        <OrderButton onPress={() => onMove(1)} keyName="⇧→" words="Later" />
      </div>
    </aside>
  )
}

function OrderButton({ onPress, keyName, words }: { readonly onPress: () => void; readonly keyName: string; readonly words: string }) {
  return (
    <button type="button" onClick={onPress} className="min-h-14 flex-1 rounded-card border border-edge bg-sheet px-1 text-left text-[15px]">
      {words} <Key>{keyName}</Key>
    </button>
  )
}
