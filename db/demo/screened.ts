import type { Composed } from '../../core/record/compose'
import { SCREEN } from '../../core/story/screen'

/** The whole safety screen answered no: one by one where it must be, group by group elsewhere. */
export function screenedQuiet(record: Composed): Composed {
  return SCREEN.reduce((sofar, group) => {
    const asked = group.items.filter((item) => item.onlyIf === undefined)
    return group.singly
      ? asked.reduce((r, item) => r.then({ type: 'screen-answered', item: item.id, answer: 'no' }), sofar)
      : sofar.then({ type: 'screen-rest-no', group: group.id, items: asked.map((item) => item.id) })
  }, record)
}
