import { areaOf, bodyArea, type Place, sideOf } from '../vocabulary/body-area'

/** A pattern that no single root or joint gives: the saddle, both legs, both arms. */
export type Spread = 'saddle' | 'both-legs' | 'both-arms'

const LEG_ZONES: readonly string[] = ['thigh', 'below-knee']

/** Which of these patterns places lie in. Above and below the knee are one leg; the buttocks are none. */
export function spreadOf(places: readonly Place[]): readonly Spread[] {
  const sidesIn = (zones: readonly string[]) => new Set(places.filter((p) => zones.includes(bodyArea(areaOf(p)).zone)).map(sideOf)).size
  return [
    ...(places.some((p) => areaOf(p) === 'saddle') ? ['saddle' as const] : []),
    ...(sidesIn(LEG_ZONES) === 2 ? ['both-legs' as const] : []),
    ...(sidesIn(['arm']) === 2 ? ['both-arms' as const] : []),
  ]
}
