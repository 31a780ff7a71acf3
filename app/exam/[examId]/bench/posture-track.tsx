'use client'

import { Check, Minus } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { closestCenter, DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core'
import { arrayMove, horizontalListSortingStrategy, SortableContext, useSortable } from '@dnd-kit/sortable'
import { lastRun, type RouteStep, stepKey } from '@/core/planner/route'
import { findingFor } from '@/core/findings/findings'
import { RESULT_WORDS } from '@/core/findings/finding'
import { POSTURE_WORDS, type Posture } from '@/core/vocabulary/posture'
import { counted } from '@/core/vocabulary/sentence'
import { CommandKey } from '@/ui/exam/command-key'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import type { Bench } from './use-bench'
import { Button } from '@/ui/button'
import { focusCard } from '@/ui/exam/give-focus'
import { bringIntoView } from '@/ui/bring-into-view'

interface Props {
  readonly bench: Bench
  readonly onGo: () => void
  readonly onKeys: () => void
  /** Null where nobody is there to press a bell. */
  readonly onPair: (() => void) | null
}

/** The planned order by posture: where the body lies now, what is done, what waits. */
export function PostureTrack({ bench, onGo, onKeys, onPair }: Props) {
  const here = bench.inHand?.posture
  const track = useRef<HTMLElement>(null)
  const current = `${bench.inHand?.test.id ?? ''} ${bench.inHand?.side ?? ''}`
  const order = bench.route.flatMap((leg) => leg.steps).map(stepKey)
  // A few points of travel part a drag from a press. Moving by keyboard is Shift with the arrows, on the test in hand.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }))
  const dropped = ({ active, over }: DragEndEvent) => {
    const from = order.indexOf(String(active.id))
    const to = over ? order.indexOf(String(over.id)) : -1
    if (from >= 0 && to >= 0 && from !== to) bench.input({ do: 'reorder', order: arrayMove(order, from, to) })
  }
  // The test in hand stays in view, with what was just done before it.
  useEffect(() => {
    bringIntoView(track.current?.querySelector('[aria-current=true]'), track.current)
  }, [current])
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-hair px-4 py-2.5 sm:px-6 lg:flex-nowrap">
      <nav
        ref={track}
        aria-label="Planned tests by posture"
        className="no-bar flex min-w-0 basis-full items-start gap-7 overflow-x-auto lg:flex-1 lg:basis-auto"
      >
        <DndContext id="posture-track" sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
          <SortableContext items={order} strategy={horizontalListSortingStrategy}>
            {bench.route.map((leg, legIndex) => {
              const left = leg.steps.filter((s) => s.state === 'open' || s.state === 'under-way')
              const minutes = Math.ceil(left.reduce((sum, s) => sum + s.test.seconds, 0) / 60)
              const now = leg.posture === here
              return (
                <section key={`${leg.posture} ${legIndex}`} aria-label={POSTURE_WORDS[leg.posture]} aria-current={now ? 'step' : undefined}>
                  <h2 className={`flex items-center gap-2 whitespace-nowrap font-sans text-sm ${now ? 'font-semibold text-lantern-text' : 'text-ash'}`}>
                    <PostureGlyph posture={leg.posture} />
                    {POSTURE_WORDS[leg.posture]}
                    {left.length > 0 && (
                      <span className="font-normal">
                        · {counted(left.length, 'test')}, about {minutes} min
                      </span>
                    )}
                  </h2>
                  <ul className="mt-1.5 flex gap-1.5">
                    {leg.steps.map((step) => (
                      <li key={`${step.test.id} ${step.side}`}>
                        <StepChip step={step} bench={bench} />
                      </li>
                    ))}
                  </ul>
                </section>
              )
            })}
          </SortableContext>
        </DndContext>
      </nav>
      <div className="flex shrink-0 gap-2 text-sm">
        {onPair && (
          <Button onClick={onPair} className="min-h-14">
            Bell <CommandKey of="pair" />
          </Button>
        )}
        <Button onClick={onGo} className="min-h-14">
          Any test <CommandKey of="go" />
        </Button>
        <Button onClick={onKeys} className="min-h-14">
          Help <Key>?</Key>
        </Button>
      </div>
    </div>
  )
}

const STATE_WORDS: Record<RouteStep['state'], string> = {
  done: 'done',
  'under-way': 'under way',
  open: 'to do',
  'changes-nothing': 'would change nothing',
  skipped: 'left out',
  withheld: 'withheld',
}

/** Where one chip names two tests of the plan, each says its region. */
const REGION_WORDS: Record<RouteStep['test']['region'], string> = { neck: 'cervical', arm: 'arm', back: 'lumbar', leg: 'leg', pelvis: 'SI' }

function StepChip({ step, bench }: { readonly step: RouteStep; readonly bench: Bench }) {
  const ambiguous = bench.route.some((leg) => leg.steps.some(({ test }) => test.short === step.test.short && test.id !== step.test.id))
  const { exam, assessment } = useExam()
  const now = bench.inHand?.test.id === step.test.id && bench.inHand.side === step.side
  const run = lastRun(exam, step.test.id, step.side)
  const sides = step.side === 'none' ? (['left', 'right'] as const) : [step.side]
  const reproduced = run && step.state === 'done' && sides.some((side) => findingFor(assessment.findings, step.test.id, side)?.result === 'positive')
  const look = now
    ? 'border-2 border-lantern bg-sheet font-semibold'
    : step.state === 'withheld'
      ? 'border-2 border-dashed border-halt text-halt'
      : step.state === 'changes-nothing' || step.state === 'skipped'
        ? 'border-dashed border-edge text-ash'
        : step.state === 'done'
          ? 'border-edge text-ash'
          : 'border-edge bg-sheet'
  const { setNodeRef, listeners, transform, transition, isDragging } = useSortable({ id: stepKey(step), disabled: exam.signed !== null })
  const side = step.side === 'none' ? '' : step.side === 'left' ? ' L' : ' R'
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      style={{ transform: transform ? `translate3d(${transform.x}px, 0, 0)` : undefined, transition, zIndex: isDragging ? 10 : undefined }}
      title={step.why}
      aria-current={now ? 'true' : undefined}
      aria-label={`${ambiguous ? `${REGION_WORDS[step.test.region]} ` : ''}${step.test.short}${side}, ${step.test.name}${step.side === 'none' ? '' : `, ${step.side}`}: ${step.state === 'done' ? (reproduced ? RESULT_WORDS.positive : 'done') : STATE_WORDS[step.state]}`}
      onClick={() => {
        bench.input({ do: 'choose', test: step.test.id, side: step.side })
        focusCard()
      }}
      className={`flex min-h-14 items-center gap-1.5 whitespace-nowrap rounded-lg border px-3 text-[15px] ${look}`}
    >
      {step.state === 'done' && (reproduced ? <span data-mark="" className="size-2.5 rounded-full bg-lantern" /> : <Check size={15} aria-hidden="true" />)}
      {step.state === 'skipped' && <Minus size={15} aria-hidden="true" />}
      {ambiguous && <span className="text-ash">{REGION_WORDS[step.test.region]}</span>}
      {step.test.short}
      {side}
    </button>
  )
}

/** Five small bodies. */
const GLYPHS: Record<Posture, string> = {
  sitting: 'M7 6v7h7v6',
  supine: 'M7 14h17',
  'side-lying': 'M7 13h8l3 3h6',
  prone: 'M7 14h12l5 -4',
  standing: 'M11 7v7l-3 6M11 14l3 6',
}
const HEADS: Record<Posture, readonly [number, number]> = { sitting: [7, 3], supine: [3.5, 13], 'side-lying': [3.5, 12], prone: [3.5, 15], standing: [11, 3.5] }

function PostureGlyph({ posture }: { readonly posture: Posture }) {
  const [x, y] = HEADS[posture]
  return (
    <svg
      viewBox="0 0 26 22"
      width="24"
      height="20"
      aria-hidden="true"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={GLYPHS[posture]} />
      <circle cx={x} cy={y} r="2" fill="currentColor" stroke="none" />
    </svg>
  )
}
