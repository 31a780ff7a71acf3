import { type FactId, FACTS } from '../story/facts'
import { SCREEN, type ScreenItemId } from '../story/screen'

/** A question of the story or the safety screen, as it is asked; null for a name nobody knows. */
export function askable(id: string): string | null {
  return FACTS.find((fact) => fact.id === id)?.ask ?? SCREEN.flatMap((group) => group.items).find((item) => item.id === id)?.ask ?? null
}

/** Every question a rule may read. */
export const ASKABLE: readonly { readonly id: FactId | ScreenItemId; readonly ask: string }[] = [
  ...FACTS.map(({ id, ask }) => ({ id, ask })),
  ...SCREEN.flatMap((group) => group.items.map(({ id, ask }) => ({ id, ask }))),
]
