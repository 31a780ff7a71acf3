'use client'

import { useState } from 'react'
import { testById } from '@/core/catalogue'
import { instruct, stageAs } from '@/core/catalogue/exam-test'
import { figureOf } from '@/core/figure/figure'
import { offered, stagesOf } from '@/core/record/outline'
import { SIDES, type Side } from '@/core/vocabulary/side'
import { Field, Select } from '@/ui/field'
import { PoseFigure } from '@/ui/figure/pose-figure'

/** The stages of a test one by one, drawn, on either side and in each school's order. */
export function StageStepper({ testId }: { readonly testId: string }) {
  const test = testById(testId)
  const [variant, setVariant] = useState(test?.variants[0]?.id ?? '')
  const [at, setAt] = useState(0)
  const [side, setSide] = useState<Side>('right')
  if (!test) return null
  const stages = stagesOf(test, variant).map((s) => stageAs(test, variant, s))
  const stage = stages[Math.min(at, stages.length - 1)]
  const shown = test.variants.find((v) => v.id === variant)
  if (!stage) return null
  const shownSide = test.sides === 'none' ? 'none' : side
  const sentence = instruct(stage.do, shownSide)
  return (
    <section aria-label="Stages" className="mt-5 grid gap-6 rounded-card border border-hair bg-sheet p-5 md:grid-cols-[minmax(0,1fr)_20rem]">
      <div>
        <PoseFigure figure={figureOf(stage.pose, shownSide)} describes={sentence} className="h-80 w-full" />
        <p className="mt-2 text-lg">{sentence}</p>
        <p className="font-serif italic text-lantern-text">“{stage.ask}”</p>
      </div>
      <div className="space-y-4">
        <ol className="space-y-1">
          {stages.map((s, i) => (
            <li key={s.id}>
              <button
                type="button"
                aria-current={s === stage ? 'step' : undefined}
                onClick={() => setAt(i)}
                className="flex min-h-11 w-full items-center gap-3 rounded-md px-3 text-left aria-[current=step]:bg-glow aria-[current=step]:font-semibold"
              >
                <span className="figures text-ash">{i + 1}</span> {s.label}
              </button>
            </li>
          ))}
        </ol>
        {test.sides === 'each' && (
          <div role="group" aria-label="Side shown" className="flex gap-2">
            {SIDES.map((s) => (
              <button
                key={s}
                type="button"
                aria-pressed={s === side}
                onClick={() => setSide(s)}
                className="min-h-11 grow rounded-card border border-edge aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-dust"
              >
                {s}
              </button>
            ))}
          </div>
        )}
        {offered(test.variants).length > 1 && (
          <Field label="Technique">
            {(tie) => (
              <Select
                {...tie}
                value={variant}
                onChange={(e) => {
                  setVariant(e.target.value)
                  setAt(0)
                }}
              >
                {offered(test.variants).map((v) => (
                  <option key={v.id} value={v.id}>
                    {v.name}
                  </option>
                ))}
              </Select>
            )}
          </Field>
        )}
        {shown?.how && <p className="text-ash">{shown.how}</p>}
      </div>
    </section>
  )
}
