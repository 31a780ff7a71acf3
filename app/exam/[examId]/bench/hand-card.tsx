'use client'

import { deviation, mean } from 'd3-array'
import { type ReactNode, useMemo } from 'react'
import { instruct, testTitle } from '@/core/catalogue/exam-test'
import { figureOf } from '@/core/figure/figure'
import { stanceOf } from '@/core/figure/stance'
import { findingFor } from '@/core/findings/findings'
import { RESULT_WORDS } from '@/core/findings/finding'
import { soreSides } from '@/core/story/sore-sides'
import type { Exam } from '@/core/record/exam'
import { otherSide } from '@/core/vocabulary/side'
import { Key } from '@/ui/key'
import { CommandKey } from '@/ui/exam/command-key'
import type { Command } from '@/ui/exam/commands'
import { useExam } from '@/ui/exam/store'
import type { AngleMark } from '@/ui/figure/angle-arc'
import { PoseFigure } from '@/ui/figure/pose-figure'
import { GatePanel } from '@/ui/exam/gate-panel'
import { CountsForm } from './counts-form'
import { ForceGauge } from './force-gauge'
import { FromPicture } from './from-picture'
import { GridCard } from './grid-card'
import { OverrideForm } from './override-form'
import type { InHand } from '@/core/bench/in-hand'
import { feelsEnd, feelsOrder } from '@/core/bench/measured'
import { repeatsOf } from '@/core/bench/repeats'
import { pictureReading } from '@/core/metrology/picture-angle'
import type { PainOrder } from '@/core/record/answer'
import type { Bench } from './use-bench'
import { comparedWith, valueAt } from '@/core/change/compared-with'
import type { SignRun } from '@/core/change/sign-run'
import { CARD_ID, focusCard } from '@/ui/exam/give-focus'
import { Compared } from './compared'

interface Props {
  readonly bench: Bench
  readonly inHand: InHand
}

/** What to do with the hands now, and what to ask. */
export function HandCard({ bench, inHand }: Props) {
  const { exam } = useExam()
  const { test, side, stage } = inHand
  const angle = bench.typed === '' ? bench.live : Number(bench.typed)
  const compared = comparedWith(bench.changes, inHand, exam)
  const marks = useMarks(inHand, compared)
  const repeats = repeatsOf(test.id, stage.id)
  const shown = angle ?? marks.find((m) => m.kind === 'onset')?.angle
  const figure = useMemo(() => figureOf(stage.pose, side, shown), [stage.pose, side, shown])
  const stance = useMemo(() => stanceOf(stage.pose, side, figureOf(stage.pose, side)), [stage.pose, side])
  const sentence = instruct(stage.do, side)
  return (
    <section id={CARD_ID} tabIndex={-1} aria-labelledby="in-hand" className="quiet-focus flex min-h-0 flex-col px-4 pt-4 sm:px-6 lg:overflow-y-auto">
      <h2 id="in-hand" className="text-[27px] leading-tight">
        <span className="mr-2">{testTitle(test, side)}</span>{' '}
        {side !== 'none' && <span className="inline-block font-sans text-base text-ash">{sideWords(side, exam)}</span>}
      </h2>
      <p className="mt-1.5 text-[19px] leading-snug">{sentence}</p>
      <p className="mt-1.5 font-serif text-[18px] italic text-lantern-text">“{stage.ask}”</p>
      {bench.parts.all.length > 1 && (
        <p role="group" aria-label="What is let go" className="mt-1.5 flex flex-wrap items-center gap-2 text-base">
          <span className="text-ash">Let go:</span>
          {bench.parts.all.map((part) => (
            <span key={part.id} className={part.id === bench.parts.chosen ? 'rounded-full border-2 border-lantern bg-glow px-3 font-semibold' : 'px-1'}>
              {part.words}
            </span>
          ))}
          <Key>←</Key> <Key>→</Key>
        </p>
      )}
      {inHand.guard && (
        <p role="status" className="mt-1.5 rounded-card border-l-[6px] border-lantern bg-sheet px-3 py-1.5 text-base font-semibold">
          {inHand.guard}
        </p>
      )}
      {inHand.contraindicated && <GatePanel closed={inHand.contraindicated} />}
      {inHand.heed.map((closed) => (
        <p key={closed.gate.id} className="mt-1.5 rounded-card border-l-[6px] border-ash bg-sheet px-3 py-1.5 text-base">
          <strong>{closed.opened === null ? 'Caution.' : 'Opened with a reason.'}</strong> {closed.gate.reason} {closed.gate.do}
        </p>
      ))}
      {inHand.moment > 0 && !compared && (
        <p className="mt-1.5 rounded-card border-l-[6px] border-ash bg-sheet px-3 py-1.5 text-base">
          After treatment {inHand.moment}: read as change only. Rules and sources rest on what was found before.
        </p>
      )}
      {compared ? <Compared sign={compared} inHand={inHand} /> : inHand.repeats && <Before inHand={inHand} />}
      {stage.grid && <GridCard bench={bench} inHand={inHand} grid={stage.grid} />}
      <div className={stage.grid ? 'hidden' : 'relative mt-2 h-64 shrink-0 lg:h-auto lg:min-h-52 lg:flex-1'}>
        <PoseFigure
          figure={figure}
          describes={`${sentence} ${stance?.words ?? ''} Drawn from the side tested.`}
          angle={angle}
          marks={marks}
          className="size-full"
        />
        {stage.angle && (
          <p className="absolute right-0 top-0 rounded-card bg-dust/85 px-2 text-right">
            <span className="figures block text-5xl">
              {angle ?? '–'}
              {stage.angle.unit ?? '°'}
            </span>
            <span className="text-sm text-ash">{angleWords(bench)}</span>
            {pictureReading(stage.angle) && <FromPicture bench={bench} inHand={inHand} />}
            {bench.trials.length > 0 && (
              <span className="block text-base">
                {bench.trials.map((t) => `${t}${stage.angle?.unit ?? '°'}`).join(', ')}
                {bench.trials.length > 1 && <span className="block text-ash">{spreadWords(bench.trials, stage.angle.unit ?? '°')}</span>}
              </span>
            )}
          </p>
        )}
      </div>
      {stage.force && (bench.force.live !== null || bench.force.score) && <ForceGauge {...bench.force} band={stage.force} />}
      {!bench.pending &&
        (stage.angle !== undefined ||
          stage.leanWatched === true ||
          stage.holdSeconds > 0 ||
          repeats !== null ||
          stage.force !== undefined ||
          feelsEnd(inHand)) && (
          <div className="flex flex-wrap gap-2 pb-3">
            {stage.angle && !stage.angle.unit && (bench.plays || bench.live !== null) && (
              <Small pressed={bench.live !== null} command="angle" onPress={bench.measure}>
                {bench.live === null ? 'Simulated inclinometer' : 'Take this angle'}
              </Small>
            )}
            {stage.force && (bench.plays || bench.force.live !== null) && (
              <Small pressed={bench.force.live !== null} command="force" onPress={bench.playForce}>
                {bench.force.live === null ? 'Simulated force pad' : 'Let go'}
              </Small>
            )}
            {stage.grid?.rows.some((row) => row.mmHg !== undefined) && (bench.plays || bench.cuff !== null) && (
              <Small pressed={bench.cuff !== null} command="cuff" onPress={bench.playCuff}>
                {bench.cuff === null ? 'Simulated cuff, this step' : <span className="figures">{bench.cuff.toFixed(1)} mmHg</span>}
              </Small>
            )}
            {(stage.holdSeconds > 0 || repeats !== null) && (
              <Small pressed={bench.hold.left !== null} command="hold" onPress={bench.toggleHold}>
                <HoldWords hold={bench.hold} idle={repeats === null ? `Time ${stage.holdSeconds} s` : `Count ${repeats}, aloud`} />
              </Small>
            )}
            {feelsEnd(inHand) && (
              <Small pressed={bench.endFeel !== null} command="end-feel" onPress={() => bench.input({ do: 'turn-end-feel' })}>
                {bench.endFeel === null ? 'End feel' : `End: ${bench.endFeel}`}
              </Small>
            )}
            {feelsOrder(inHand) && (
              <Small pressed={bench.painOrder !== null} command="pain-order" onPress={() => bench.input({ do: 'turn-pain-order' })}>
                {bench.painOrder === null ? 'Pain or resistance' : PAIN_ORDER_WORDS[bench.painOrder]}
              </Small>
            )}
            {stage.leanWatched && (
              <Small pressed={bench.lean} command="lean" onPress={() => bench.input({ do: 'toggle-lean' })}>
                Leans back or props on the hands
              </Small>
            )}
          </div>
        )}
    </section>
  )
}

const PAIN_ORDER_WORDS: Readonly<Record<PainOrder, string>> = {
  'pain-first': 'Pain first',
  together: 'Both at once',
  'resistance-first': 'Resistance first',
}

interface SmallProps {
  readonly pressed: boolean
  readonly command: Command
  readonly onPress: () => void
  readonly children: ReactNode
}

/** A lesser control under the figure. */
function Small({ pressed, command, onPress, children }: SmallProps) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={() => {
        focusCard()
        onPress()
      }}
      className="min-h-14 rounded-full border-2 border-edge bg-dust px-3 text-base aria-pressed:border-lantern aria-pressed:bg-glow aria-pressed:font-semibold"
    >
      {children} <CommandKey of={command} />
    </button>
  )
}

/** Where a hold, its rest or a count stands. */
function HoldWords({ hold: { left, held, rest, count }, idle }: { readonly hold: Bench['hold']; readonly idle: string }) {
  if (left === null && rest === null) return count ? `${count.at} of ${count.of} counted` : held === null ? idle : `Held ${held} s`
  return (
    <span role="timer" className="figures">
      {count ? `${count.at} of ${count.of}` : left === null ? `Rest, ${rest} s` : `${left} s left`}
    </span>
  )
}

function angleWords(bench: Bench): string {
  if (bench.typed !== '') return bench.fromPicture ? 'from a picture; the next answer keeps it' : 'the next answer keeps it'
  if (bench.live === null) return 'type the angle, then answer'
  if (!bench.zeroed) return 'hold still: zeroing'
  return bench.simulated ? 'live, simulated' : 'live, from the paired phone'
}

function sideWords(side: 'left' | 'right', exam: Exam): string {
  if (exam.symptoms.every((s) => s.places.length === 0)) return 'no painful side is told yet'
  const sore = soreSides(exam)
  if (sore.length === 2) return 'both sides are sore'
  return sore[0] === side ? 'the painful side' : 'the better side'
}

/** Mean and spread of the trials so far. */
function spreadWords(trials: readonly number[], unit: string): string {
  return `mean ${Math.round((mean(trials) ?? 0) * 10) / 10}${unit}, SD ${Math.round((deviation(trials) ?? 0) * 10) / 10}`
}

/** What this test showed when it was done before. */
function Before({ inHand }: { readonly inHand: InHand }) {
  const { exam, assessment } = useExam()
  const sides = inHand.side === 'none' ? (['left', 'right'] as const) : [inHand.side]
  const found = sides.flatMap((side) => findingFor(assessment.findings, inHand.test.id, side) ?? [])
  const told = found.find((f) => f.result === 'positive') ?? found[0]
  return (
    <div className="mt-1.5 rounded-card border border-hair bg-sheet px-3 py-1.5 text-base">
      Done before{told ? `: ${RESULT_WORDS[told.result]}. ${told.why}` : '.'} Answering repeats it; what was found first stays.
      {told && !exam.signed && <OverrideForm finding={told} />}
      {told && !exam.signed && <CountsForm inHand={inHand} counting={told.run} />}
    </div>
  )
}

/** Angles already known for this test: this side's onset, the other side's onset or end. */
function useMarks({ test, side, stage }: InHand, compared: SignRun | null): readonly AngleMark[] {
  const { assessment } = useExam()
  if (compared) {
    const before = valueAt(compared.run, stage.id)
    return before === undefined ? [] : [{ angle: before, says: `baseline ${before}°`, kind: 'baseline' }]
  }
  if (side === 'none') return []
  const mine = findingFor(assessment.findings, test.follows ?? test.id, side)?.measures
  const other = findingFor(assessment.findings, test.follows ?? test.id, otherSide(side))?.measures
  return [
    ...(mine?.onset === undefined ? [] : [{ angle: mine.onset, says: `onset ${mine.onset}°`, kind: 'onset' as const }]),
    ...(mine?.end === undefined ? [] : [{ angle: mine.end, says: `end ${mine.end}°`, kind: 'end' as const }]),
    ...(other?.end === undefined ? [] : [{ angle: other.end, says: `${otherSide(side)} ended ${other.end}°`, kind: 'other-side' as const }]),
    ...(other?.onset === undefined ? [] : [{ angle: other.onset, says: `${otherSide(side)} began ${other.onset}°`, kind: 'other-side' as const }]),
  ]
}
