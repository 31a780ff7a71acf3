import { cells } from '../catalogue/reading/table'
import { any } from '../logic/rule'
import { aged, observed, told } from './item'

const seen = (id: string, words: string, test: 'neuro-upper' | 'neuro-lower', row: string) =>
  observed(id, words, test, cells('cord', 'sign', ['yes'], 1, [row]), 'either')

/** The five items of the cord rule (register rows E10 and E11). Gait counts as seen or as told, the plantar response from arm or leg screen. */
export const CORD_FIVE = [
  any([seen('gait', 'Gait unsteady, as seen', 'neuro-upper', 'gait'), told('unsteady', 'Unsteady on the feet, as told')]),
  seen('finger-flick', 'Finger flick', 'neuro-upper', 'finger-flick'),
  seen('inverted-brachioradialis', 'Inverted brachioradialis', 'neuro-upper', 'inverted-brachioradialis'),
  any([
    seen('plantar-up-arm', 'Plantar response up, arm screen', 'neuro-upper', 'plantar-up'),
    seen('plantar-up-leg', 'Plantar response up, leg screen', 'neuro-lower', 'plantar-up'),
  ]),
  aged('at-least', 46),
]
