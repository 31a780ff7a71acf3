import type { Family } from '@/core/vocabulary/source'

/** Colour of a family for lines and text; its texture stands in `textures.tsx`. */
export const FAMILY_COLOUR: Record<Family, string> = {
  nerve: 'var(--nerve)',
  joint: 'var(--hinge)',
  ligament: 'var(--cord)',
  disc: 'var(--cord)',
  muscle: 'var(--flesh)',
  away: 'var(--away)',
}

interface Props {
  readonly family: Family
  /** Probability 0 to 1; null while nothing has lit it. */
  readonly value: number | null
  /** Where the figure may lie, 0 to 1. */
  readonly interval?: readonly [number, number] | null
  /** Two voices contradict each other: the ends are told, and no figure between them. */
  readonly torn?: boolean
  readonly describes: string
}

/** A strip of light from 0 to 100: dust where nothing is known, the family's texture where the figure may lie. */
export function Strip({ family, value, interval = null, torn = false, describes }: Props) {
  const [from, to] = interval ?? [0, value ?? 0]
  return (
    <svg width="100%" height="16" role="img" aria-label={describes} className="block rounded-full border border-edge">
      <rect width="100%" height="100%" fill="var(--dust)" />
      <rect width="100%" height="100%" fill="url(#dust)" />
      {value !== null && (
        <>
          <rect x={percent(from)} width={percent(to - from)} height="100%" fill="var(--sheet)" />
          <rect x={percent(from)} width={percent(to - from)} height="100%" fill={`url(#texture-${family})`} opacity={interval ? 1 : 0.75} />
          {(torn ? [from, to] : [value]).map((at) => (
            <rect key={at} x={percent(Math.min(at, 0.99))} width="4" height="100%" fill={FAMILY_COLOUR[family]} />
          ))}
        </>
      )}
    </svg>
  )
}

function percent(p: number): string {
  return `${Math.round(p * 1000) / 10}%`
}
