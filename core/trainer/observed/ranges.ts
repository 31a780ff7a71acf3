import type { Answer } from '../../record/answer'
import type { Side } from '../../vocabulary/side'
import type { PlayedSource } from '../picture'
import { hasSource } from '../simulated-patient'
import { chose, type Look, type Observer, type Seen } from './look'

/** Ranges that are measured, and what ends them. */
export const ranges: Observer = (look) => {
  const { patient, doing, stage, side } = look
  const { build } = patient
  const sided = (range: Readonly<Record<Side, number>>) => (side === 'none' ? Math.min(range.left, range.right) : range[side])
  switch (`${doing.test.id} ${stage.id}`) {
    case 'neck-range forward':
      return measured(look, build.neckFlexion, [])
    case 'neck-range back':
      return measured(look, build.neckExtension, ['root-cervical', 'facet-cervical'])
    case 'neck-range left':
    case 'neck-range right':
      return measured(look, build.neckSideBend, ['facet-cervical'], stage.id as Side)
    case 'neck-rotation turn':
      return measured(look, sided(build.neckTurn), ['facet-cervical'])
    case 'flexion-rotation turn':
      return measured(look, sided(build.upperNeckTurn), ['joint-upper-neck'])
    case 'hold-relax before':
      return measured(look, sided(build.upperNeckTurn), [])
    case 'hold-relax after':
      return measured(look, sided(build.upperNeckTurn) + (patient.sources.some((s) => s.source === 'muscle-neck') ? 12 : 2), [])
    case 'lumbar-range flexion':
      return measured(look, build.lowBackFlexion, ['disc-annulus'])
    case 'lumbar-range extension':
      return measured(look, build.lowBackExtension, ['facet-lumbar'])
    case 'craniocervical-flexion holds':
      return {
        answer: { said: 'measured', trials: [hasSource(patient, 'muscle-neck') ? 4 : 9] },
        hands: `${hasSource(patient, 'muscle-neck') ? 'Four' : 'Nine'} holds, then it shakes.`,
        why: 'As many as the deep muscles last.',
      }
    default:
      return doing.test.id === 'hold-relax' ? cycle(look) : null
  }
}

/** A range with the tremor of the hand that measures it, and what stopped it. */
function measured({ patient, side, shows, chance }: Look, range: number, ends: readonly PlayedSource[], on?: Side): Seen {
  const trial = Math.round(range + chance.normal())
  const asked = on ?? (side === 'none' ? undefined : side)
  const hurts = ends.flatMap((source) => (shows(source, asked) ? (hasSource(patient, source, asked) ?? []) : []))[0]
  const places = patient.symptoms.find((s) => s.id === hurts?.symptom)?.places.slice(0, 1) ?? []
  const answer: Answer = {
    said: 'measured',
    trials: [trial],
    limitedBy: hurts ? 'own-pain' : 'stiffness',
    ...(hurts && { symptom: hurts.symptom, places }),
  }
  return {
    answer,
    hands: `It comes to rest at ${trial}°${hurts ? ', with a face' : ', with a firm end'}.`,
    words: hurts ? 'There, that is it. Not further.' : 'It just stops there.',
    why: hurts ? 'The end of the range presses on what hurts.' : 'It goes as far as this person’s joints go.',
  }
}

function cycle({ patient, stage, side }: Look): Seen {
  const tight = hasSource(patient, 'muscle-neck') !== undefined
  const range = side === 'none' ? 60 : patient.build.neckTurn[side]
  if (stage.kind === 'measure') {
    const n = Number(stage.id.at(-1))
    const trial = Math.round(range + (tight ? 4 : 1) * n)
    return {
      answer: { said: 'measured', trials: [trial], limitedBy: 'stiffness' },
      hands: `It comes to rest at ${trial}°.`,
      why: tight ? 'Relaxed muscle lets it go further.' : 'It is not muscle that holds it.',
    }
  }
  if (stage.id === 'fourth' || stage.id === 'fifth') return chose('enough', 'Yours to decide.', 'One more is worth it while it still gains.')
  return tight
    ? chose('further', 'After the push it goes a little further.', 'Relaxed muscle lets it go further.')
    : chose('same', 'No further.', 'It is not muscle that holds it.')
}
