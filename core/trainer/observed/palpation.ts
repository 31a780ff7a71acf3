import { SIDES } from '../../vocabulary/side'
import type { PlayedSource } from '../picture'
import { hasSource } from '../simulated-patient'
import { type Look, type Observer, type Seen, table } from './look'

/** The points that belong to each muscle, and the neck levels. */
const POINTS: Readonly<Record<string, readonly PlayedSource[]>> = {
  suboccipital: ['muscle-neck', 'joint-upper-neck'],
  trapezius: ['muscle-neck'],
  levator: ['muscle-neck'],
  scalenes: ['outlet'],
  erector: ['muscle-back'],
  quadratus: ['muscle-back'],
  'gluteus-max': [],
  'gluteus-med': ['outer-hip'],
  piriformis: ['piriformis'],
}

/** Sore to the finger beyond this much sensitivity, in standard deviations. */
const SORE_ANYWHERE = 1.1

/** Pressing point by point, and level by level. */
export const palpation: Observer = (look) => {
  switch (`${look.doing.test.id} ${look.stage.id}`) {
    case 'muscle-palpation points':
      return muscles(look)
    case 'neck-segment-palpation levels':
      return neckLevels(look, 'felt', { own: 'own', sore: 'tender' })
    case 'neck-segment-motion levels':
      return neckLevels(look, 'moves', { own: 'stiff-own', sore: 'normal' })
    case 'craniocervical-flexion pressures':
      return cuff(look)
    default:
      return null
  }
}

function muscles({ patient, stage, shows, chance }: Look): Seen {
  const everywhere = patient.sensitivity > SORE_ANYWHERE
  const found: Record<string, string> = {}
  const words: string[] = []
  for (const row of stage.grid?.rows ?? []) {
    for (const side of SIDES) {
      const mine = POINTS[row.id]?.find((source) => shows(source, side))
      if (mine && hasSource(patient, mine, side)) {
        found[`${row.id}.${side}`] = 'own'
        words.push(`${row.words}, ${side}: “That is it.”`)
      } else if (everywhere) found[`${row.id}.${side}`] = chance.happens(0.5) ? '3' : '2'
    }
  }
  if (everywhere) words.push('Everywhere, left and right alike: “Ow, that is sore.”')
  return table(
    stage,
    found,
    words.join(' ') || 'Nothing is sore.',
    everywhere ? 'Pressing hurts this person anywhere, on both sides alike.' : words.length > 0 ? 'That muscle is what hurts.' : 'No muscle hurts.',
  )
}

function neckLevels({ patient, stage, side, shows }: Look, column: string, values: { readonly own: string; readonly sore: string }): Seen {
  const facet = hasSource(patient, 'facet-cervical', side === 'none' ? undefined : side)
  const rows = stage.grid?.rows.map((r) => r.id) ?? []
  const level = facet?.level?.toLowerCase().replaceAll('c', '').split('–') ?? []
  const row = rows.find((r) => r === `c${level[0] ?? ''}-${level[1] ?? ''}`)
  const sore = patient.sensitivity > SORE_ANYWHERE ? Object.fromEntries(rows.map((r) => [`${r}.${column}`, values.sore])) : {}
  if (facet && row && shows('facet-cervical', facet.side))
    return table(stage, { ...sore, [`${row}.${column}`]: values.own }, `At ${facet.level ?? ''} they say: that is my pain.`, 'That joint is what hurts.')
  return table(
    stage,
    sore,
    Object.keys(sore).length > 0 ? 'Sore at every level, on both sides alike. Not the pain they came with.' : 'No level is out of the ordinary.',
    'No joint on this side is what hurts.',
  )
}

/** How high the deep neck muscles hold a pressure steadily. */
function cuff({ patient, stage }: Look): Seen {
  const weak = hasSource(patient, 'muscle-neck') !== undefined
  const cells: Record<string, string> = {}
  for (const row of stage.grid?.rows ?? []) {
    const mmHg = row.mmHg ?? 20
    cells[`${row.id}.held`] = weak && mmHg > 24 ? 'unsteady' : 'steady'
    cells[`${row.id}.reached`] = String(weak && mmHg > 24 ? mmHg - 2 : mmHg)
  }
  return {
    answer: { said: 'grid', cells },
    hands: weak ? 'Steady to 24 mmHg; beyond that the needle shakes.' : 'Steady to 30 mmHg.',
    why: weak ? 'The deep muscles tire early.' : 'The deep muscles hold.',
  }
}
