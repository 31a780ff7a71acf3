import { type DemoPerson, signed } from '../person'

/** Upper neck ligaments: background reasons, a slide felt, and everything for the neck stopped. */
export const ottolineReef: DemoPerson = {
  name: 'Ottoline Reef',
  born: '1958-08-21',
  work: 'lamp keeper, retired',
  daysAgo: 8,
  hour: 13,
  minute: 15,
  record: (opened) =>
    signed(
      opened
        .symptom('S1', {
          words: 'the head feels heavy and the back of it aches',
          places: ['left-back-of-head', 'right-back-of-head', 'left-neck-back', 'right-neck-back'],
          qualities: ['dull', 'aching'],
          now: 3,
          bringsOn: 'nodding, riding the mule cart',
          eases: 'both hands under the chin',
          stirring: { stirredBy: 'little', settles: 'half-hour' },
        })
        .screened()
        .then({ type: 'screen-answered', item: 'inflammatory-joint', answer: 'yes' })
        .test('upper-neck-shear', 'none', [
          { said: 'observed', choice: 'symptoms' },
          { said: 'observed', choice: 'neck' },
          { said: 'observed', choice: 'slide' },
          { said: 'observed', choice: 'eased' },
        ])
        .then({ type: 'note-written', text: 'Collar, and sent to the joint clinic the same day. Nothing else was done to the neck.' }),
    ),
}
