import { SIDES } from '../../vocabulary/side'
import { sayReleased } from '../say'
import { chose, type Look, type Observer, type Seen, told } from './look'

/** The outlet of the chest: the pulse, the arms held up, and the hand that rests on the head. */
export const outlet: Observer = (look) => {
  const { doing, stage, side, shows, has, chance } = look
  switch (`${doing.test.id} ${stage.id}`) {
    case 'arm-pulse-inspiration pulse':
      // Many healthy people drop a pulse in this position.
      return (side !== 'none' && has('outlet', side)) || chance.happens(0.25)
        ? chose('weaker', 'The pulse is weaker.', 'The artery is narrowed in this position, as in many healthy people.')
        : chose('unchanged', 'The pulse stays.', 'The artery is free.')
    case 'elevated-arm-stress breath':
      return told('same', 'Nothing more.', 'The breath changes nothing.')
    case 'elevated-arm-stress end': {
      const heavy = SIDES.find((s) => shows('outlet', s))
      return heavy && chance.happens(0.6)
        ? chose(`dropped-${heavy}`, `The ${heavy} arm sinks before the time is up.`, 'What passes the outlet is squeezed with the arms up.')
        : chose('finished', 'They last the three minutes.', 'The arms tire, no more.')
    }
    case 'elevated-arm-stress pulse':
      return chose('same', 'The same on both sides.', 'The artery is free.')
    case 'shoulder-abduction-relief rest':
      return relief(look, 'worse')
    case 'neck-distraction lift':
    case 'neck-distraction lift-sitting':
      return relief(look)
    case 'neck-distraction where': {
      const local = shows('facet-cervical') || shows('muscle-neck')
      return local
        ? told('local', 'It pulls in the neck itself.', 'Capsule or muscle is stretched by the lift.')
        : told('none', 'No, the neck is fine.', 'Nothing in the neck minds the lift.')
    }
    default:
      return null
  }
}

/** Taking load off: a root that hurts now eases. What is not there now cannot. */
function relief(look: Look, instead?: 'worse'): Seen {
  const { patient, side, shows, chance, has } = look
  const on = side === 'none' ? undefined : side
  const root = has('root-cervical', on)
  const now = patient.symptoms.find((s) => patient.sources.some((h) => h.symptom === s.id && (on === undefined || h.side === on)))?.now ?? 0
  const said = now === 0 ? 'nothing-to-relieve' : instead && has('outlet', on) ? instead : root && shows('root-cervical', on) ? 'eased' : 'unchanged'
  const why = {
    'nothing-to-relieve': 'It does not hurt at this moment, so nothing can ease.',
    worse: 'The arm up narrows the outlet of the chest.',
    eased: 'The opening of the root widens, and the root is let go.',
    unchanged: 'What hurts is not let go by this.',
  }[said]
  return { answer: { said, ...(said === 'eased' && { intensity: Math.max(0, now - 2) }) }, words: sayReleased(said, patient, chance), why }
}
