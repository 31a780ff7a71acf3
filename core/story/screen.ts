/** One question of the safety screen, read aloud as it stands. */
export interface ScreenItem {
  readonly id: ScreenItemId
  /** Asked only when this one was answered yes. */
  readonly onlyIf?: ScreenItemId
  readonly ask: string
}

/** Questions that belong together. */
export interface ScreenGroup {
  readonly id: ScreenGroupId
  readonly name: string
  /** Always answered one by one; elsewhere "no to the rest of this group" is one key. */
  readonly singly: boolean
  readonly items: readonly ScreenItem[]
}

// Only questions that some gate uses are asked.
const QUESTIONS = [
  {
    id: 'saddle',
    name: 'Cauda equina',
    singly: true,
    items: [
      { id: 'saddle-numb', ask: 'Any new numbness between the legs, where you would sit on a saddle?' },
      { id: 'bladder', ask: 'Trouble passing water or feeling it, or losing it without meaning to?' },
      { id: 'bowel', ask: 'Any new loss of control of the bowel?' },
      { id: 'sexual', ask: 'Any new change in sexual function or feeling?' },
      { id: 'both-legs', ask: 'Symptoms in both legs, or a leg that is getting weaker?' },
    ],
  },
  {
    id: 'cord',
    name: 'Myelopathy',
    singly: true,
    items: [
      { id: 'neck-shocks', ask: 'Electric shocks down the back or limbs when you bend the neck?' },
      { id: 'clumsy-hands', ask: 'Have your hands become clumsy?' },
      { id: 'unsteady', ask: 'Are you unsteady on your feet?' },
      { id: 'stiff-legs', ask: 'Have your legs become stiff?' },
      { id: 'both-arms', ask: 'Tingling in both arms, or in arms and legs?' },
    ],
  },
  {
    id: 'artery',
    name: 'Cervical arterial dysfunction',
    singly: true,
    items: [
      { id: 'dizzy', ask: 'Dizziness that is new or not looked into?' },
      { id: 'double-vision', ask: 'Double vision?' },
      { id: 'drop-attack', ask: 'Have you dropped to the ground without warning?' },
      { id: 'speech', ask: 'Difficulty speaking?' },
      { id: 'swallowing', ask: 'Difficulty swallowing?' },
      { id: 'nausea', ask: 'Nausea that came with it and has no other reason?' },
      { id: 'face-numb', ask: 'Numbness of the face, round the mouth above all?' },
      { id: 'eyes-flicker', ask: 'Do your eyes jump or flicker?' },
      { id: 'eyelid', ask: 'An eyelid that droops?' },
      { id: 'ataxia', ask: 'Have you become unsteady or clumsy on one side?' },
      { id: 'worst-headache', ask: 'A headache or neck pain unlike any before?' },
    ],
  },
  {
    id: 'neck-trauma',
    name: 'Cervical trauma',
    singly: true,
    items: [
      { id: 'neck-accident', ask: 'An accident to the neck within the last twelve weeks?' },
      { id: 'dangerous-mechanism', ask: 'A fall from over a metre, a blow to the top of the head, or a fast crash?', onlyIf: 'neck-accident' },
      { id: 'tingling-after', ask: 'Tingling in arms or legs since then?', onlyIf: 'neck-accident' },
      { id: 'midline-tender', ask: 'Is the bone in the middle of the neck tender?', onlyIf: 'neck-accident' },
      { id: 'cannot-turn', ask: 'Unable to turn the head half-way to either side?', onlyIf: 'neck-accident' },
    ],
  },
  {
    id: 'upper-neck',
    name: 'Craniocervical instability',
    singly: false,
    items: [
      { id: 'head-unsupported', ask: 'Does your head feel as if it were not held up?' },
      { id: 'inflammatory-joint', ask: 'Rheumatoid arthritis or another inflammatory joint disease?' },
      { id: 'loose-tissue', ask: 'A disorder that makes joints or tissue very loose?' },
      { id: 'down', ask: 'Down syndrome?' },
      { id: 'long-steroids', ask: 'Steroid tablets for a long time?' },
      { id: 'old-neck-trauma', ask: 'An older injury of the neck?' },
      { id: 'throat-infection', ask: 'A stiff neck after an infection of the throat?' },
      { id: 'dizzy-known', ask: 'Dizziness or nausea alone that is old and was looked into?' },
    ],
  },
  {
    id: 'fracture',
    name: 'Fracture',
    singly: false,
    items: [
      { id: 'big-fall', ask: 'A serious fall or accident with this?' },
      { id: 'small-fall', ask: 'A minor knock, with thin bones or long use of steroids?' },
      { id: 'known-fracture', ask: 'A known recent fracture of pelvis, sacrum or spine?' },
      { id: 'thin-bones', ask: 'Severe thinning of the bones?' },
      { id: 'height-loss', ask: 'A bruise over the spine, or height lost suddenly?' },
      { id: 'cannot-stand', ask: 'Groin or sacral pain so strong that the leg takes no weight?' },
    ],
  },
  {
    id: 'clot',
    name: 'Deep vein thrombosis',
    singly: true,
    items: [{ id: 'swollen-calf', ask: 'A swollen, warm, painful calf, perhaps after lying or sitting still for long?' }],
  },
  {
    id: 'illness',
    name: 'Malignancy and infection',
    singly: false,
    items: [
      { id: 'cancer', ask: 'Have you ever had cancer?' },
      { id: 'weight-loss', ask: 'Losing weight without trying?' },
      { id: 'night-pain', ask: 'Pain at night that nothing relieves?' },
      { id: 'no-better', ask: 'No better at all after a month?' },
      { id: 'fever', ask: 'Fever, an infection or a procedure at the spine lately, tuberculosis among them?' },
      { id: 'weak-defence', ask: 'Weakened defences against infection, or drugs by needle?' },
      { id: 'new-pain', ask: 'Is this the first time you have had this pain?' },
    ],
  },
  {
    id: 'body',
    name: 'Contraindications to loading',
    singly: false,
    items: [
      { id: 'pregnant', ask: 'Pregnant, or a birth within six months?' },
      { id: 'thinners', ask: 'Blood thinners, or blood that does not clot well?' },
      { id: 'fusion', ask: 'A spinal fusion, or a recent disc operation?' },
      { id: 'hip-replaced', ask: 'A replaced hip?' },
      { id: 'high-pressure', ask: 'Blood pressure out of control, or a recent eye or heart operation?' },
      { id: 'pulsing', ask: 'A pulsing lump in the belly, or a known aneurysm?' },
    ],
  },
  {
    id: 'serious',
    name: 'Other red flags',
    singly: false,
    items: [
      { id: 'weak-in-days', ask: 'A foot or hand that has become weak within days?' },
      { id: 'thunder', ask: 'A sudden violent headache, or a stiff neck with fever or light hurting the eyes?' },
      { id: 'sore-scalp', ask: 'A new headache with a sore scalp, or a jaw that hurts on chewing?' },
      { id: 'exertion', ask: 'Pain in arm, jaw or chest that comes with effort?' },
      { id: 'night-arm', ask: 'Night pain inside the arm with a lump above the collar bone?' },
      { id: 'sudden-severe', ask: 'Did a very severe pain in the spine come on suddenly?' },
      { id: 'pregnancy-warning', ask: 'Pregnant, with bleeding, contractions or a severe headache?' },
      { id: 'inner-organ', ask: 'Does it come with meals, with passing water or with the period?' },
      { id: 'blisters', ask: 'A burning band of pain, with blisters or without yet?' },
    ],
  },
  {
    id: 'inflammatory',
    name: 'Axial spondyloarthritis',
    singly: false,
    items: [
      { id: 'slow-start-young', ask: 'Did it begin slowly, before the age of 45?' },
      { id: 'stiff-morning', ask: 'Stiff for more than half an hour in the morning?' },
      { id: 'better-moving', ask: 'Better with movement, and not with rest?' },
      { id: 'wakes-late', ask: 'Does it wake you in the second half of the night?' },
      { id: 'buttocks-in-turn', ask: 'Pain in one buttock, then in the other?' },
      { id: 'eye-skin-bowel', ask: 'An inflamed eye, psoriasis or an inflamed bowel, with you or in the family?' },
    ],
  },
] as const

/** The id of a group of the screen. */
export type ScreenGroupId = (typeof QUESTIONS)[number]['id']

/** The id of a question of the screen. */
export type ScreenItemId = (typeof QUESTIONS)[number]['items'][number]['id']

/** The safety screen, in the order it is read. */
export const SCREEN: readonly ScreenGroup[] = QUESTIONS

/** The items that are asked as the answers stand: those that hang on another only once that is a yes. */
export function askedItems(screen: Readonly<Record<string, 'yes' | 'no'>>): readonly ScreenItem[] {
  return SCREEN.flatMap((group) => group.items).filter((item) => item.onlyIf === undefined || screen[item.onlyIf] === 'yes')
}

/** The group an item belongs to; undefined for an item nobody knows. */
export function groupOfItem(item: string): ScreenGroup | undefined {
  return SCREEN.find((group) => group.items.some((i) => i.id === item))
}
