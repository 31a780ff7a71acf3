'use client'

import { line } from 'd3-shape'
import { useId, useRef, useState } from 'react'
import { CHART, type ChartShape, chartShapes } from '@/core/figure/body-map'
import type { Point } from '@/core/figure/geometry'
import { areaOf, bodyArea, type Place, placeWords } from '@/core/vocabulary/body-area'

interface Props {
  /** Whose areas are painted: "S1". */
  readonly label: string
  readonly painted: readonly Place[]
  /** Areas of the other symptoms, shown faintly. */
  readonly others: readonly Place[]
  readonly onToggle: (place: Place) => void
  /** A stroke over several places: they are painted, or wiped. */
  readonly onStroke: (places: readonly Place[], paints: boolean) => void
  readonly disabled?: boolean
}

const VIEWS = ['front', 'back'] as const
const SHAPES = { front: chartShapes('front'), back: chartShapes('back') }

/** One outline a place; a place of two patches is one thing to reach. */
const PLACES: readonly Place[] = [...new Set([...SHAPES.front, ...SHAPES.back].map((s) => s.place))]

const straight = line<Point>()
  .x((p) => p.x)
  .y((p) => p.y)

/**
 * The body, front and back, to paint a symptom on.
 *
 * Tap an area, or move with the arrow keys and press Space. Right and left are the patient's own.
 */
export function BodyChart({ label, painted, others, onToggle, onStroke, disabled = false }: Props) {
  const [here, setHere] = useState<Place>(PLACES[0] ?? 'right-face')
  const [said, setSaid] = useState<Place | null>(null)
  const refs = useRef(new Map<Place, SVGGElement>())
  const id = useId()
  /** A stroke under way: whether it paints, and what it crossed. A press that crosses nothing else is a plain press. */
  const [stroke, setStroke] = useState<{ readonly paints: boolean; readonly places: readonly Place[] } | null>(null)
  const ended = useRef(0)
  const cross = (e: React.PointerEvent) => {
    if (!stroke || disabled) return
    // A finger keeps its first target, so what lies under it is asked for.
    const under = document
      .elementFromPoint(e.clientX, e.clientY)
      ?.closest('[role=checkbox]')
      ?.id.slice(id.length + 1)
    const place = PLACES.find((p) => p === under)
    if (place && !stroke.places.includes(place)) setStroke({ ...stroke, places: [...stroke.places, place] })
  }
  const endStroke = () => {
    if (stroke && stroke.places.length > 1) {
      onStroke(stroke.places, stroke.paints)
      ended.current = performance.now()
    }
    setStroke(null)
  }
  const looksPainted = (place: Place) => (stroke && stroke.places.length > 1 && stroke.places.includes(place) ? stroke.paints : painted.includes(place))
  const step = (by: number) => {
    const next = PLACES[(PLACES.indexOf(here) + by + PLACES.length) % PLACES.length]
    if (!next) return
    setHere(next)
    refs.current.get(next)?.focus()
  }
  const keys = (e: React.KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[e.key]
    if (by) {
      e.preventDefault()
      step(by)
    } else if (e.key === ' ' || e.key === 'Enter') {
      e.preventDefault()
      if (!disabled) onToggle(here)
    }
  }
  return (
    <div>
      <svg
        viewBox={`${-CHART.half - 6} -6 ${CHART.half * 4 + 24} ${CHART.height + 22}`}
        role="group"
        aria-label={`Body chart for ${label}. Arrow keys move, Space paints.`}
        className="max-h-[68dvh] w-full touch-none"
        onKeyDown={keys}
        onPointerMove={cross}
        onPointerUp={endStroke}
        onPointerCancel={endStroke}
        onPointerLeave={endStroke}
      >
        {VIEWS.map((view, i) => (
          <g key={view} transform={`translate(${i * (CHART.half * 2 + 12)} 0)`}>
            <Outline view={view} />
            {PLACES.filter((place) => SHAPES[view].some((s) => s.place === place)).map((place) => (
              <g
                key={place}
                ref={(node) => {
                  if (node) refs.current.set(place, node)
                }}
                id={`${id}-${place}`}
                role="checkbox"
                aria-checked={painted.includes(place)}
                aria-label={fullWords(place)}
                aria-disabled={disabled}
                tabIndex={place === here ? 0 : -1}
                className="group quiet-focus cursor-pointer"
                onFocus={() => {
                  setHere(place)
                  setSaid(place)
                }}
                onPointerEnter={() => setSaid(place)}
                onPointerLeave={() => setSaid(null)}
                onPointerDown={() => {
                  if (!disabled) setStroke({ paints: !painted.includes(place), places: [place] })
                }}
                onClick={() => {
                  // The press that ends a stroke was not meant for one place.
                  if (performance.now() - ended.current < 50) return
                  setHere(place)
                  if (!disabled) onToggle(place)
                }}
              >
                {SHAPES[view]
                  .filter((s) => s.place === place)
                  .map((s, n) => (
                    <path
                      key={n}
                      d={closed(s)}
                      className={`${looksPainted(place) ? 'fill-lantern' : others.includes(place) ? 'fill-glow' : 'fill-transparent'} stroke-hair stroke-[0.6] transition-colors group-hover:fill-lantern/40 group-focus-visible:stroke-ink group-focus-visible:stroke-2`}
                    />
                  ))}
              </g>
            ))}
            <text x="0" y={CHART.height + 10} textAnchor="middle" className="fill-ash text-[11px]">
              {view}
            </text>
            <text x={view === 'front' ? -62 : 62} y="26" textAnchor="middle" className="fill-ash text-[9px]">
              right
            </text>
            <text x={view === 'front' ? 62 : -62} y="26" textAnchor="middle" className="fill-ash text-[9px]">
              left
            </text>
          </g>
        ))}
      </svg>
      <p className="mt-1 min-h-6 text-center text-ash" aria-hidden="true">
        {said ? fullWords(said) : `Paint where ${label} is`}
      </p>
    </div>
  )
}

/** A place with where it begins or ends. */
function fullWords(place: Place): string {
  const { detail } = bodyArea(areaOf(place))
  return detail ? `${placeWords(place)}, ${detail}` : placeWords(place)
}

function closed(shape: ChartShape): string {
  return `${straight(shape.points as Point[]) ?? ''}Z`
}

/** The body behind the areas, one soft silhouette a view. */
function Outline({ view }: { readonly view: 'front' | 'back' }) {
  return (
    <g aria-hidden="true" fill="var(--skin)" stroke="var(--line)" strokeWidth="2.2" strokeLinejoin="round">
      {SHAPES[view].map((s, i) => (
        <path key={i} d={closed(s)} />
      ))}
      <g stroke="none">
        {SHAPES[view].map((s, i) => (
          <path key={i} d={closed(s)} stroke="var(--skin)" strokeWidth="0.8" />
        ))}
      </g>
    </g>
  )
}
