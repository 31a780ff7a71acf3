'use client'

import { Minus, Plus } from 'lucide-react'
import { QUALITIES } from '@/core/vocabulary/quality'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import { nearSide, offeredWords, placesOffered } from '@/core/bench/places-offered'
import type { InHand } from '@/core/bench/in-hand'
import type { Pending } from '@/core/bench/state'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'

interface Props {
  readonly bench: Bench
  readonly pending: Pending
  readonly inHand: InHand
  /** Open the body chart. */
  readonly onElsewhere: () => void
}

/** Which symptom, where, how strong: one strip, confirmed with one key. */
export function ConfirmStrip({ bench, pending, inHand, onElsewhere }: Props) {
  const { exam } = useExam()
  const symptom = exam.symptoms.find((s) => s.id === pending.symptom)
  const offered = placesOffered(inHand.test, inHand.side, symptom, exam)
  const near = nearSide(inHand.side, exam)
  // What was chosen on the chart stands among the others.
  const charted = pending.places.filter((place) => !offered.some((o) => o.place === place))
  const own = pending.said === 'familiar'
  return (
    <div
      role="group"
      aria-label={own ? 'That is my pain' : 'Something else'}
      className="flex flex-wrap items-stretch gap-3 px-4 py-3 sm:px-6 lg:flex-nowrap lg:gap-4"
    >
      <div className="min-w-0 grow space-y-2">
        <div className="flex flex-wrap items-center gap-2">
          <span className="w-16 text-ash">Where?</span>
          {[...offered, ...charted.map((place) => ({ place, key: null, shifted: false }))].map(({ place, key, shifted }) => {
            const chosen = pending.places.includes(place)
            return (
              <Chip
                key={place}
                pressed={chosen}
                keyName={key === null ? undefined : `${shifted ? '⇧' : ''}${key.toUpperCase()}`}
                onPress={() => bench.change({ places: chosen ? pending.places.filter((p) => p !== place) : [...pending.places, place], placeUnknown: false })}
              >
                {offeredWords(place, near)}
              </Chip>
            )
          })}
          <Chip pressed={pending.placeUnknown} keyName="X" onPress={() => bench.change({ placeUnknown: !pending.placeUnknown, places: [] })}>
            cannot say
          </Chip>
          <Chip pressed={false} keyName="Z" onPress={onElsewhere}>
            elsewhere
          </Chip>
        </div>
        {!own && (
          <div className="flex flex-wrap items-center gap-2">
            <span className="w-16 text-ash">Felt like</span>
            {QUALITIES.map((q, i) => {
              const chosen = pending.qualities.includes(q)
              return (
                <Chip
                  key={q}
                  pressed={chosen}
                  keyName={String(i + 1)}
                  onPress={() => bench.change({ qualities: chosen ? pending.qualities.filter((k) => k !== q) : [...pending.qualities, q] })}
                >
                  {q}
                </Chip>
              )
            })}
          </div>
        )}
        {own && (
          <div className="flex flex-wrap items-center gap-2">
            <span className="w-16 text-ash">Which?</span>
            {exam.symptoms.map((s) => (
              <Chip
                key={s.id}
                pressed={s.id === pending.symptom}
                keyName={exam.symptoms.length > 1 ? 'S' : undefined}
                onPress={() => bench.change({ symptom: s.id, places: [] })}
              >
                {s.id} {s.words && <span className="max-w-48 truncate">{s.words}</span>}
              </Chip>
            ))}
            <span className="ml-4 text-ash">How strong?</span>
            <button
              type="button"
              aria-label="Weaker"
              onClick={() => bench.change({ intensity: Math.max(0, pending.intensity - 1) })}
              className="grid size-14 place-items-center rounded-card border border-edge"
            >
              <Minus size={18} aria-hidden="true" />
            </button>
            <output className="figures min-w-20 text-center text-2xl">{pending.confirmed ? pending.intensity : '–'} of 10</output>
            <button
              type="button"
              aria-label="Stronger"
              onClick={() => bench.change({ intensity: Math.min(10, pending.intensity + 1) })}
              className="grid size-14 place-items-center rounded-card border border-edge"
            >
              <Plus size={18} aria-hidden="true" />
            </button>
            <Key>1</Key>–<Key>9</Key>
            <Key>0</Key> ten
            <Key>↑</Key>
            <Key>↓</Key>
          </div>
        )}
      </div>
      <button
        type="button"
        onClick={() => {
          focusCard()
          bench.confirm()
        }}
        className="min-h-[68px] w-44 rounded-card border-2 border-ink bg-ink px-4 text-dust"
      >
        <span className="block text-lg font-semibold">Keep</span>
        <Key>Enter</Key>
      </button>
      <button type="button" onClick={bench.stop} className="min-h-[68px] w-24 rounded-card border-2 border-halt px-3 text-halt">
        <span className="block text-lg font-semibold">Stop</span>
        <Key>.</Key>
      </button>
      <button type="button" onClick={bench.back} className="min-h-[68px] w-24 rounded-card border-2 border-edge px-3">
        <span className="block text-lg font-semibold">Back</span>
        <Key>⌫</Key>
      </button>
    </div>
  )
}

interface ChipProps {
  readonly pressed: boolean
  readonly keyName: string | undefined
  readonly onPress: () => void
  readonly children: React.ReactNode
}

function Chip({ pressed, keyName, onPress, children }: ChipProps) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={() => {
        focusCard()
        onPress()
      }}
      className={`flex min-h-14 items-center gap-2 rounded-full border-2 px-3.5 text-base ${pressed ? 'border-lantern bg-glow font-semibold' : 'border-edge bg-dust'}`}
    >
      {children}
      {keyName && <Key>{keyName}</Key>}
    </button>
  )
}
