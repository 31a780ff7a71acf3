import { armNerveClear } from './arm-nerve-clear'
import { armNerveFour } from './arm-nerve-four'
import type { Cluster } from './cluster'
import { pelvicClear } from './pelvic-clear'
import { pelvicFive } from './pelvic-five'
import { pelvicFour } from './pelvic-four'
import { pelvicSix } from './pelvic-six'

/** Every published rule. Of several for one source the first decided one leads, so the default school's comes first. */
export const CLUSTERS: readonly Cluster[] = [pelvicFive, pelvicSix, pelvicFour, pelvicClear, armNerveFour, armNerveClear]

/**
 * Rules the route is planned for; the first of a source is the one the board shows while nothing is decided.
 *
 * Where schools differ (which pelvic cluster), the default is the five-test one.
 */
export const PLANNED: readonly Cluster[] = [pelvicFive, armNerveFour, armNerveClear]
