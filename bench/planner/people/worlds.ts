import { BY_SEVERITY } from './by-severity'
import { BY_SOURCE } from './by-source'
import { byStudy } from './by-study'
import type { World } from './person'

/** Every kind of generated people, by the name it is asked for. */
export const WORLDS = {
  some: byStudy('studies, answers hang together in some people', { group: 0.3, person: 0.05 }),
  many: byStudy('studies, answers hang together in many people', { group: 0.6, person: 0.1 }),
  alone: byStudy('studies, every answer stands alone', { group: 0, person: 0 }),
  severity: BY_SEVERITY,
  source: BY_SOURCE,
} as const satisfies Record<string, World>

export type WorldName = keyof typeof WORLDS
