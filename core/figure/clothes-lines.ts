import { contour } from './contour'
import type { Limb } from './figure'
import { between } from './geometry'

/** A shirt and shorts as SVG paths; wider than the body, they are cut to its outline. */
export interface ClothesLines {
  readonly shirt: readonly string[]
  readonly shorts: readonly string[]
}

/** What the drawn person wears on these limbs: the shorts begin at the hips and end above the knee. */
export function clothesLines(limbs: readonly Limb[]): ClothesLines {
  const trunk = limbs.filter((l) => l.id === 'trunk' || l.id === 'spine' || l.id === 'flank-shoulders')
  const wider = (chain: Limb['chain'], by: number, curve?: number) =>
    contour(
      chain.map((s) => ({ ...s, half: s.half + by })),
      curve,
    )
  const hips = trunk.flatMap((l) => (l.id === 'trunk' ? l.chain.slice(0, 3) : l.id === 'spine' ? l.chain.slice(-2) : []))
  const legs = limbs.flatMap(({ id, chain: [a, b, c] }) => {
    if (!id.endsWith('-leg') || !a || !b || !c) return []
    const hem = { at: between(b.at, c.at, 0.45), half: b.half + (c.half - b.half) * 0.45 }
    return [wider([a, b, hem], 1, 0.25)]
  })
  return { shirt: trunk.map((l) => wider(l.chain, 1)), shorts: [...(hips.length > 1 ? [wider(hips, 1.5, 0.2)] : []), ...legs] }
}
