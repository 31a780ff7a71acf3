import { extent } from 'd3-array'
import { scaleLinear, scaleTime } from 'd3-scale'
import { line } from 'd3-shape'
import type { SignSeries } from '@/core/change/series'

/** The size of one small chart, in the units of its drawing. */
export const SIZE = { width: 330, height: 150, left: 38, right: 14, top: 16, bottom: 26 } as const

/** One small chart: where its points, band, line and treatments stand. */
export interface SmallMultiple {
  readonly points: readonly { readonly x: number; readonly y: number }[]
  /** Points that are measured the same way, one after the other. */
  readonly path: string
  readonly band: { readonly y: number; readonly height: number; readonly middle: number } | null
  readonly treatments: readonly number[]
  readonly ticks: readonly { readonly y: number; readonly says: string }[]
  readonly days: readonly { readonly x: number; readonly at: number }[]
}

/** Room above and below, as a share of what is drawn. */
const ROOM = 0.12

/**
 * Where one sign stands over the visits. Better is always up, so that a glance is enough; the figures beside the axis say which way they go.
 *
 * @param span - from the first visit to the last, in milliseconds since 1970
 * @param treated - when something was treated
 */
export function smallMultiple(series: SignSeries, span: readonly [number, number], treated: readonly number[]): SmallMultiple {
  const { width, height, right, top, bottom } = SIZE
  const x = timeScale(span)
  const values = series.points.flatMap((p) => (p.value === null ? [] : [p.value]))
  const edges = series.band ? [series.band.value - series.band.error, series.band.value + series.band.error] : []
  const [low = 0, high = 1] = extent([...values, ...edges])
  const room = Math.max(1, (high - low) * ROOM)
  const down = [height - bottom, top] as const
  const from = low >= 0 ? Math.max(0, low - room) : low - room
  const y = scaleLinear([from, high + room], series.freer === 'less' ? [...down].reverse() : [...down]).nice(4)
  const yesNo = (result: string) => (result === 'negative' ? top + 14 : result === 'positive' ? height - bottom - 14 : (top + height - bottom) / 2)
  const points = series.points.map((p) => ({ x: x(p.at), y: values.length === 0 ? yesNo(p.result) : p.value === null ? height - bottom : y(p.value) }))
  const same = points.filter((_, i) => series.points[i]?.sameWay && (values.length === 0 || series.points[i].value !== null))
  return {
    points,
    path:
      line<{ readonly x: number; readonly y: number }>(
        (p) => p.x,
        (p) => p.y,
      )(same) ?? '',
    band: series.band ? { ...between(y(series.band.value - series.band.error), y(series.band.value + series.band.error)), middle: y(series.band.value) } : null,
    treatments: treated.filter((at) => at >= span[0] && at <= span[1]).map((at) => x(at)),
    ticks: values.length === 0 ? [] : y.ticks(4).map((tick) => ({ y: y(tick), says: `${tick}${series.unit === '°' ? '°' : ''}` })),
    days: ends(span).map((at) => ({ x: Math.min(width - right, x(at)), at })),
  }
  function between(a: number, b: number) {
    const [upper, lower] = [Math.max(top, Math.min(a, b)), Math.min(height - bottom, Math.max(a, b))]
    return { y: upper, height: lower - upper }
  }
}

/** Visits on a line of time; a single one stands in the middle. */
export function timeScale([from, to]: readonly [number, number]) {
  const { width, left, right } = SIZE
  return scaleTime(from === to ? [from - 1, to + 1] : [from, to], [left + 8, width - right - 8])
}

function ends([from, to]: readonly [number, number]): readonly number[] {
  return from === to ? [from] : [from, to]
}

/** A line of strengths over the visits, broken where one was not asked. */
export function strengthPath(points: readonly { readonly at: number; readonly value: number | null }[], span: readonly [number, number]): string {
  const x = timeScale(span)
  const y = strengthScale()
  return (
    line<{ readonly at: number; readonly value: number | null }>()
      .defined((p) => p.value !== null)
      .x((p) => x(p.at))
      .y((p) => y(p.value ?? 0))(points) ?? ''
  )
}

/** Strengths from 0 at the bottom to 10 at the top. */
export function strengthScale() {
  return scaleLinear([0, 10], [SIZE.height - SIZE.bottom, SIZE.top])
}
