import { cells } from '../../catalogue/reading/table'
import { defineGate } from '../gate'

/** Loss of feeling in the saddle, found by examining, stops everything. */
export const saddleFound = defineGate({
  id: 'saddle-found',
  strength: 'halt',
  when: { seen: [{ test: 'neuro-lower', when: cells('sensation', 'touch', ['less', 'absent'], 1, ['saddle']) }] },
  bars: { all: true },
  reason: 'Feeling in the saddle is lost.',
  do: 'Stop here. Emergency referral now.',
})
