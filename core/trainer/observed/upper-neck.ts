import { chose, type Look, type Observer, table, told } from './look'

const LAX = 'A ligament that is loose lets the head slide before it holds.'
const FIRM = 'The ligaments hold.'

/** Ligament tests of the upper neck, and what the cord says when the neck bends. */
export const upperNeck: Observer = (look) => {
  const { doing, stage, shows, has, chance } = look
  const sore = has('joint-upper-neck') && shows('joint-upper-neck')
  switch (`${doing.test.id} ${stage.id}`) {
    case 'upper-neck-shear nod':
      return shows('laxity-upper-neck')
        ? told('symptoms', 'Oh, that is it, the back of my head.', LAX)
        : sore
          ? told('symptoms', 'It is sore up there, at the top of my neck.', 'The joint is sore, and nothing is loose.')
          : told('quiet', 'Nothing.', FIRM)
    case 'upper-neck-shear which':
      return shows('laxity-upper-neck') ? told('own', 'The one I came with.', LAX) : told('neck', 'Only the neck itself.', 'The joint is sore.')
    case 'upper-neck-shear glide':
      return has('laxity-upper-neck')
        ? chose('slide', 'The head slides back on C2, and stops late.', LAX)
        : chose('still', 'Nothing moves under your finger.', FIRM)
    case 'upper-neck-shear after':
      return has('laxity-upper-neck') ? told('eased', 'That is better, while you hold it.', LAX) : told('same', 'The same.', FIRM)
    case 'alar-ligament three':
    case 'alar-ligament nodded':
      return alar(look)
    case 'transverse-ligament lift':
      return shows('laxity-upper-neck')
        ? chose('soft', 'It gives under your hands and has no firm end.', LAX)
        : sore
          ? chose('pain', 'A firm end. They say it is sore there.', 'The joint is sore, and the ligament holds.')
          : chose('firm', 'A firm end at once, and nothing comes on in twenty seconds.', FIRM)
    case 'neck-flexion-shock bend':
      return shows('cord')
        ? told('electric', 'Whoa, that went down my back like a shock.', 'A cord that is pressed on is stretched by the bent neck.')
        : chance.happens(0.4)
          ? told('pull', 'It pulls in the neck.', 'The neck is stretched, as anybody’s is.')
          : told('nothing', 'Nothing.', 'The cord is free.')
    default:
      return null
  }
}

function alar({ stage, shows, has }: Look) {
  const rows = stage.grid?.rows.map((r) => r.id) ?? []
  if (shows('laxity-upper-neck')) {
    const late = Object.fromEntries(
      rows.flatMap((row) => [
        [`${row}.tilt`, stage.id === 'nodded' ? 'absent' : 'late'],
        [`${row}.turn`, stage.id === 'nodded' ? 'absent' : 'late'],
      ]),
    )
    return table(stage, late, stage.id === 'nodded' ? 'C2 does not follow at all.' : 'C2 follows late, in every position.', LAX)
  }
  const sore = has('joint-upper-neck') && shows('joint-upper-neck')
  const [first] = rows
  return table(
    stage,
    sore && first ? { [`${first}.pain`]: 'yes' } : {},
    sore ? 'C2 follows at once. They say it is sore.' : 'C2 follows at once everywhere.',
    sore ? 'The joint is sore, and nothing is loose.' : FIRM,
  )
}
