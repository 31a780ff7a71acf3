import type { PlanMode } from '../record/event'

/** The three ways to plan, in the words of the screen. */
export const PLAN_MODES: readonly { readonly id: PlanMode; readonly name: string; readonly says: string }[] = [
  { id: 'full-baseline', name: 'Full baseline', says: 'Everything that is planned, in the order the body lies.' },
  { id: 'fewest-turns', name: 'Fewest turns', says: 'What is worth doing, with the sore body turned as little as can be.' },
  { id: 'quickest-answer', name: 'Quickest answer', says: 'What settles most a minute first, turning counted.' },
]
