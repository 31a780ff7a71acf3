import type { PlanMode } from '../record/event'

/** The three ways to plan, in the words of the screen. */
export const PLAN_MODES: readonly { readonly id: PlanMode; readonly name: string; readonly says: string }[] = [
  { id: 'full-baseline', name: 'Full baseline', says: 'Everything that is planned, position by position.' },
  { id: 'fewest-turns', name: 'Fewest position changes', says: 'What is worth doing, with as few position changes as can be.' },
  { id: 'quickest-answer', name: 'Quickest answer', says: 'What settles most for its time first, position changes counted.' },
]
