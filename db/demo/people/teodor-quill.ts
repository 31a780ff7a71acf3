import type { Answer } from '../../../core/record/answer'
import type { DemoPerson } from '../person'
import { screenedQuiet } from '../screened'

const arm = (intensity: number, onset?: number): Answer => ({
  said: 'familiar',
  symptom: 'S1',
  places: ['right-forearm-back', 'right-thumb'],
  intensity,
  ...(onset !== undefined && { onset }),
})

/** Neck root, right arm: interrupted in the middle of the arm nerve tests. */
export const teodorQuill: DemoPerson = {
  name: 'Teodor Quill',
  born: '1965-05-08',
  work: 'organ tuner',
  daysAgo: 0,
  hour: 14,
  minute: 0,
  record: (opened) =>
    screenedQuiet(
      opened
        .symptom('S1', {
          words: 'burns down to the thumb when I look up into the pipes',
          places: ['right-neck-back', 'right-forearm-back', 'right-thumb'],
          qualities: ['shooting', 'tingling'],
          now: 3,
          worst: 7,
          usual: 4,
          bringsOn: 'looking up, lying on the right',
          eases: 'the hand on top of the head',
          stirring: { stirredBy: 'some', settles: 'half-hour' },
        })
        .screened()
        .then({ type: 'fact-told', fact: 'hand-on-head', answer: 'yes' }),
    )
      .test('neck-rotation', 'left', [{ said: 'measured', trials: [68, 70, 69] }])
      .test('neck-rotation', 'right', [{ said: 'measured', trials: [52, 50, 53], limitedBy: 'own-pain' }])
      .test('shoulder-abduction-relief', 'right', [{ said: 'eased' }])
      .test('neck-compression', 'none', [
        { said: 'nothing' },
        { said: 'nothing' },
        { said: 'stretch', places: [] },
        { said: 'nothing' },
        { said: 'nothing' },
        { said: 'nothing' },
        arm(6),
      ])
      .test('ulnt-1', 'left', [
        ...Array.from({ length: 3 }, (): Answer => ({ said: 'nothing' })),
        { said: 'stretch', places: ['left-forearm-front'], end: 8 },
        { said: 'stretch', places: ['left-forearm-front'] },
        { said: 'nothing' },
      ])
      .test('ulnt-1', 'right', [{ said: 'nothing' }, { said: 'nothing' }, { said: 'nothing' }, arm(5, 38)]),
}
