import { defineGate } from '../gate'

/** An irritable person has a budget of six provoking tests. */
export const budgetSpent = defineGate({
  id: 'budget-spent',
  strength: 'block',
  passes: true,
  when: { state: 'budget-spent' },
  bars: { provoking: true },
  reason: 'Six provoking tests are done in an irritable person.',
  do: 'Enough provoked for today.',
})
