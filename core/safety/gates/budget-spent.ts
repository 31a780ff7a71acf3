import { defineGate } from '../gate'

/** An irritable person has a budget of six provoking tests. */
export const budgetSpent = defineGate({
  id: 'budget-spent',
  strength: 'block',
  passes: true,
  when: { state: 'budget-spent' },
  bars: { provoking: true },
  reason: 'Six provocation tests done in an irritable patient.',
  do: 'Enough provoked for today.',
})
