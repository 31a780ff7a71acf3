import type { Unasked } from '../safety/gate-zero'
import type { ScreenGroup, ScreenItem } from '../story/screen'

/** The one thing to ask now. */
export type AsksNow =
  | { readonly kind: 'consent' }
  | {
      readonly kind: 'question'
      readonly group: ScreenGroup
      readonly item: ScreenItem
      /** Every open question of this group, the one in hand among them. */
      readonly rest: readonly string[]
    }

/** Consent first, then question by question. */
export function asksNow({ consent, groups }: Unasked): AsksNow {
  const first = groups[0]
  const item = first?.items[0]
  return consent || !first || !item ? { kind: 'consent' } : { kind: 'question', group: first.group, item, rest: first.items.map((i) => i.id) }
}
