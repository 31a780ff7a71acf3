import type { ExamTest } from '../../catalogue/exam-test'
import type { PlayedSource } from '../picture'

type Region = ExamTest['region']

/** Words of the catalogue's list of structures, and which sources lie in them, by the region of the test where the words are shared. */
const WORDS: readonly { readonly word: RegExp; readonly in?: readonly Region[]; readonly is: readonly PlayedSource[] }[] = [
  { word: /sacroiliac ligament|sacrotuberous/, is: ['sij-ligament'] },
  { word: /anterior ligaments/, in: ['pelvis'], is: ['sij-ligament'] },
  { word: /sacroiliac/, is: ['sij-pain', 'inflammatory'] },
  { word: /^hip joint|labrum/, is: ['hip'] },
  { word: /hip flexors|quadriceps/, is: [] },
  { word: /pubic symphysis/, is: ['pubic-symphysis'] },
  { word: /piriformis|deep rotators|sciatic nerve in the buttock/, is: ['piriformis'] },
  { word: /of the other side/, is: [] },
  { word: /roots L4|^dura|sciatic/, is: ['root-lumbar-low'] },
  { word: /roots L1 to S2/, is: ['root-lumbar-low', 'root-lumbar-mid'] },
  { word: /roots L2|femoral nerve/, is: ['root-lumbar-mid'] },
  { word: /a large disc lesion/, is: ['root-lumbar-low'] },
  { word: /cervical nerve roots|^roots C/, is: ['root-cervical'] },
  { word: /root openings/, in: ['neck'], is: ['root-cervical'] },
  { word: /root openings/, in: ['back'], is: ['root-lumbar-low'] },
  { word: /^roots$/, is: ['root-cervical', 'root-lumbar-low'] },
  { word: /median|radial|ulnar/, is: ['neural-peripheral'] },
  { word: /brachial plexus|thoracic outlet|scalene gap|subclavian/, is: ['outlet'] },
  { word: /facet joints|joint capsule|capsules and ligaments/, in: ['neck'], is: ['facet-cervical'] },
  { word: /^neck joints/, is: ['facet-cervical'] },
  { word: /facet joints|joint capsule|lumbar joints/, in: ['back', 'pelvis'], is: ['facet-lumbar'] },
  { word: /upper cervical joints|C1–C2 joint/, is: ['joint-upper-neck'] },
  { word: /alar|transverse ligament/, is: ['laxity-upper-neck'] },
  { word: /suboccipital|trapezius|neck muscles|deep neck flexors/, is: ['muscle-neck'] },
  { word: /neck, back and buttock muscles/, is: ['muscle-neck', 'muscle-back', 'outer-hip', 'piriformis'] },
  { word: /spinal cord/, is: ['cord'] },
  { word: /lumbar segment|^segments|posterior ligaments$|between the spinous/, is: ['instability-lumbar'] },
  { word: /L5–S1/, is: ['facet-lumbar'] },
  { word: /disc/, in: ['back', 'leg'], is: ['disc-annulus'] },
  { word: /neck discs/, is: ['root-cervical'] },
  { word: /discs/, is: ['disc-annulus'] },
  { word: /trunk|deep trunk muscles/, is: ['muscle-back'] },
  { word: /hamstrings/, is: ['hamstring'] },
  // Named by a test and played by nobody.
  { word: /abdominal wall|inner organs|diaphragm|iliac bones|leg length|force closure/, is: [] },
]

/** The sources that lie in a structure of a test; null for words nobody explained. */
export function sourcesIn(structure: string, region: Region): readonly PlayedSource[] | null {
  const known = WORDS.find((w) => w.word.test(structure) && (w.in?.includes(region) ?? true))
  return known ? known.is : null
}

/** What a later structure of the list gets of what the first gets. */
const BY_RANK = [1, 0.9, 0.8]
const LEAST = 0.7

/** What a test loads though its list of structures does not say so: its reading names the source. */
const READ_TOO: Readonly<Record<string, readonly PlayedSource[]>> = { faber: ['outer-hip'], 'hip-scour': ['outer-hip'] }

/** How directly a test loads each source: 1 for what it is made for, less for what lies behind it. */
export function directness(test: Pick<ExamTest, 'id' | 'structures' | 'region'>, source: PlayedSource): number {
  const at = test.structures.findIndex((structure) => sourcesIn(structure, test.region)?.includes(source))
  if (at === -1) return READ_TOO[test.id]?.includes(source) ? LEAST : 0
  return BY_RANK[at] ?? LEAST
}
