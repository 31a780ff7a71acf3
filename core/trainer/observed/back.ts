import { hasSource } from '../simulated-patient'
import { chose, type Look, type Observer, type Seen, table, told } from './look'

const MOVES_TOO_MUCH = 'The segment moves more than its ligaments should let it.'
const QUIET_BACK = 'Nothing in the low back shows here.'

/** Tests of the low back that are watched, felt level by level, or told by where the pain goes. */
export const back: Observer = (look) => {
  const { patient, doing, stage, shows, has, chance } = look
  const loose = hasSource(patient, 'instability-lumbar')
  if (doing.test.id === 'lumbar-range' && stage.id === 'side-bend') {
    const facet = hasSource(patient, 'facet-lumbar')
    return facet
      ? chose(`less-${facet.side}`, `Less to the ${facet.side}.`, 'The joint on that side is closed by the bend.')
      : chose('equal', 'Equal.', QUIET_BACK)
  }
  switch (`${doing.test.id} ${stage.id}`) {
    case 'lumbar-range quality':
      return shows('instability-lumbar')
        ? chose(chance.oneOf(['catch', 'climbing', 'reversal']), 'Coming up they catch, and help themselves with the hands.', MOVES_TOO_MUCH)
        : has('disc-annulus') && shows('disc-annulus') && chance.happens(0.4)
          ? chose('arc', 'In the middle of the way down there is a stretch that hurts.', 'The disc is squeezed there.')
          : chose('smooth', 'Smooth, down and up.', QUIET_BACK)
    case 'repeated-movement flexion':
      return has('disc-annulus') || has('root-lumbar-low')
        ? told('peripheralises', 'It has gone further down.', 'Bending forward loads the disc, and it refers further.')
        : told('unchanged', 'It is where it was.', 'Repeating the movement does not change where it comes from.')
    case 'repeated-movement extension':
    case 'repeated-movement press-up':
      return extension(look)
    case 'side-lying-shear level':
    case 'prone-lift-lumbar level':
    case 'prone-instability level':
      return chose(
        levelAmong(stage.choices?.map((c) => c.id) ?? [], loose?.level ?? hasSource(patient, 'facet-lumbar')?.level ?? null),
        'The level that gives the most under the finger.',
        'Yours to find.',
      )
    case 'side-lying-shear at-60':
      return shows('instability-lumbar') ? told('own', 'Yes, that is my pain.', MOVES_TOO_MUCH) : told('nothing', 'Nothing.', QUIET_BACK)
    case 'side-lying-shear at-90':
      return shows('instability-lumbar')
        ? told('less', 'It is there, but much less.', 'The bent hips wind the ligaments up, and they hold.')
        : told('nothing', 'Nothing.', QUIET_BACK)
    case 'side-lying-shear at-full':
      return told('nothing', 'Nothing now.', 'Fully bent, the ligaments hold.')
    case 'side-lying-shear muscles':
      return shows('instability-lumbar')
        ? told('less', 'Better, with the belly on.', 'The deep muscles hold the segment.')
        : told('same', 'The same.', QUIET_BACK)
    case 'side-lying-shear moved':
      return shows('instability-lumbar') ? chose('yes', 'You feel it give.', MOVES_TOO_MUCH) : chose('no', 'Nothing moves.', QUIET_BACK)
    case 'lumbar-spring levels':
    case 'lumbar-spring levels-side':
      return springs(look)
    case 'lumbar-torsion levels': {
      const level = (hasSource(patient, 'facet-lumbar') ?? loose)?.level?.slice(0, 2).toLowerCase()
      return table(
        stage,
        level && stage.grid?.rows.some((r) => r.id === level) ? { [`${level}.own`]: 'yes' } : {},
        level ? `At ${level.toUpperCase()} they say: that is it.` : 'At no level.',
        'The twist loads that level.',
      )
    }
    case 'lumbar-torsion level':
      return chose(
        levelAmong(stage.choices?.map((c) => c.id) ?? [], (hasSource(patient, 'facet-lumbar') ?? loose)?.level ?? null),
        'The level at which they said so.',
        'The twist loads that level.',
      )
    case 'abdominal-tension wall':
      return told('same', 'The same.', 'The wall takes nothing off.')
    case 'diaphragm-palpation thirds':
      return table(stage, {}, 'Free, on breathing out.', 'Nothing under the ribs hurts.')
    default:
      return null
  }
}

function extension({ patient, has, chance }: Look): Seen {
  if (patient.traps.includes('centralising-pelvis'))
    return told('centralises', 'It has gone out of the buttock. It is in the middle now.', 'Bending back draws a disc’s pain to the spine.')
  if (has('disc-annulus')) {
    return chance.happens(0.6)
      ? told('centralises', 'It has drawn up towards the middle.', 'Bending back draws a disc’s pain to the spine.')
      : told('better', 'Less of it, in the same place.', 'Bending back unloads this disc a little.')
  }
  if (has('root-lumbar-low') && chance.happens(0.35))
    return told('centralises', 'The leg is better, the back feels it more.', 'The disc behind the root is unloaded.')
  if (has('facet-lumbar')) return told('worse', 'More of it, same place.', 'Bending back closes the joints that hurt.')
  return told('unchanged', 'It is where it was.', 'Repeating the movement does not change where it comes from.')
}

function springs({ stage, shows, patient }: Look): Seen {
  const loose = hasSource(patient, 'instability-lumbar')
  const facet = hasSource(patient, 'facet-lumbar')
  const rows = stage.grid?.rows.map((r) => r.id) ?? []
  const at = (level: string | null | undefined) => rows.find((row) => level?.toLowerCase().startsWith(row))
  const found: Record<string, string> = {}
  const words: string[] = []
  const give = at(loose?.level)
  if (loose && give && shows('instability-lumbar')) {
    found[`${give}.moves`] = 'hyper'
    found[`${give}.pain`] = 'yes'
    words.push(`${give.toUpperCase()} gives too much, and they say: there.`)
  }
  const stiff = at(facet?.level)
  if (facet && stiff && shows('facet-lumbar')) {
    found[`${stiff}.moves`] = 'hypo'
    found[`${stiff}.pain`] = 'yes'
    words.push(`${stiff.toUpperCase()} moves little, and they say: there.`)
  }
  return table(stage, found, words.join(' ') || 'Every level springs alike.', words.length > 0 ? 'That level is where it comes from.' : QUIET_BACK)
}

/** The choice that names this level, or the middle one. */
function levelAmong(choices: readonly string[], level: string | null): string {
  return choices.find((c) => level?.toLowerCase().startsWith(c.slice(0, 2))) ?? choices[Math.floor(choices.length / 2)] ?? ''
}
