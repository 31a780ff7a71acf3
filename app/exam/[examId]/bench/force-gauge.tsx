import type { ForceScore } from '@/core/metrology/force'

interface Props {
  readonly live: number | null
  readonly band: readonly [number, number]
  readonly score: ForceScore | null
}

/** Newtons pressed, against the band that is aimed at; when the press is over, how it was given. */
export function ForceGauge({ live, band: [low, high], score }: Props) {
  const top = high * 1.35
  const at = (n: number) => `${Math.min(100, (n / top) * 100)}%`
  return (
    <div className="flex items-center gap-4 pb-2">
      <div
        role="meter"
        aria-label={`Load; aim at ${low} to ${high} newtons`}
        aria-valuemin={0}
        aria-valuemax={Math.round(top)}
        aria-valuenow={Math.round(live ?? score?.highest ?? 0)}
        className="relative h-6 w-72 overflow-hidden rounded-full border border-edge bg-sheet"
      >
        <span className="absolute inset-y-0 bg-glow" style={{ left: at(low), width: `calc(${at(high)} - ${at(low)})` }} />
        <span className="absolute inset-y-1 left-0 rounded-r-full bg-lantern" style={{ width: at(live ?? 0) }} />
      </div>
      <p className="figures text-lg">
        {live !== null ? `${Math.round(live)} N` : score ? `${Math.round(score.highest)} N at most` : `aim at ${low} to ${high} N`}
        {live === null && score && <span className="block font-sans text-sm text-ash">{words(score)}</span>}
      </p>
    </div>
  )
}

function words(score: ForceScore): string {
  const build = score.buildSeconds === null ? 'never reached the band' : `built in ${score.buildSeconds.toFixed(1)} s`
  const over = score.overshoot > 0 ? `, ${Math.round(score.overshoot)} N too much` : ''
  return `${build}, ${Math.round(score.inBand * 100)} % in the band${over}${score.smoothness < 0.85 ? ', not even' : ''}`
}
