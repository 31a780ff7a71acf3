import { hasSource } from '../simulated-patient'
import { chose, type Observer, sidesAsked, table, told } from './look'

const FREE = 'The pelvis is free.'

/** Tests of the pelvis and hip that are watched, felt or filled into a table. */
export const pelvis: Observer = ({ patient, doing, stage, side, shows, has, chance }) => {
  switch (`${doing.test.id} ${stage.id}`) {
    case 'active-leg-raise effort': {
      const heavy = sidesAsked(side).some((s) => (has('sij-pain', s) || has('sij-ligament', s)) && chance.happens(0.75))
      const root = sidesAsked(side).some((s) => has('root-lumbar-low', s)) && chance.happens(0.3)
      return heavy
        ? told(chance.oneOf(['2', '3']), 'That is hard. As if the leg were stuck.', 'The pelvis is not held together while the leg loads it.')
        : root
          ? told('1', 'Rather heavy.', 'The leg hurts, and is lifted with care.')
          : told('0', 'No trouble.', FREE)
    }
    case 'active-leg-raise pain': {
      const hurts = sidesAsked(side).find((s) => has('sij-pain', s) || has('pubic-symphysis', s))
      return hurts && chance.happens(0.5) ? told('own', 'Yes, that is it.', 'The weight of the leg loads the joint.') : told('nothing', 'Nothing.', FREE)
    }
    case 'active-leg-raise compressed':
      return has('sij-pain') || has('sij-ligament') || has('pubic-symphysis')
        ? told('easier', 'Oh, that is much easier.', 'The hands do what the ligaments should.')
        : told('same', 'The same.', FREE)
    case 'pelvic-landmarks levels':
      return table(stage, {}, 'Level, as far as thumbs can tell.', 'Level within what thumbs can tell.')
    case 'standing-hip-flexion thumb':
      // Its reliability is poor: thumbs see what is not there.
      return chance.happens(has('sij-pain') ? 0.4 : 0.2)
        ? chose('still', 'The thumb does not drop.', 'Thumbs on skin are poor instruments: it says little.')
        : chose('drops', 'The thumb drops.', FREE)
    case 'pubic-shear pairs':
    case 'pubic-shear alone':
    case 'pubic-shear ways': {
      const sore = hasSource(patient, 'pubic-symphysis')
      const rows = stage.grid?.rows.map((r) => r.id) ?? []
      if (!sore || !shows('pubic-symphysis')) return table(stage, {}, 'Pressure, no more.', FREE)
      const mine = stage.id === 'alone' ? rows.filter((r) => r.startsWith(sore.side)) : rows
      return table(
        stage,
        Object.fromEntries(mine.map((r) => [`${r}.sore`, sore.side])),
        `On the ${sore.side} they say: that is it.`,
        'The joint in front is sheared.',
      )
    }
    case 'sij-palpation sacrotuberous':
      return sidesAsked(side).some((s) => has('sij-ligament', s)) && shows('sij-ligament')
        ? told('own', 'Yes, there.', 'The ligament is what hurts.')
        : patient.sensitivity > 1
          ? told('tender', 'It is sore there, like everywhere.', 'Pressing hurts this person anywhere.')
          : told('none', 'Just pressure.', FREE)
    case 'hip-scour felt':
      return sidesAsked(side).some((s) => has('hip', s))
        ? chose('grinding', 'It grinds under the hand.', 'The hip is worn.')
        : chose('smooth', 'Smooth all the way.', FREE)
    case 'leg-raise-ankle chin':
      return sidesAsked(side).some((s) => has('root-lumbar-low', s)) && chance.happens(0.5)
        ? told('more', 'More of it.', 'The bent neck tightens the root.')
        : told('same', 'The same.', 'The bent neck changes nothing for what hurts.')
    default:
      return null
  }
}
