/** One question of the safety screen, read aloud as it stands. */
export interface ScreenItem {
  readonly id: string
  readonly ask: string
}

/** Questions that belong together. */
export interface ScreenGroup {
  readonly id: string
  readonly name: string
  /** Always answered one by one; elsewhere "no to the rest of this group" is one key. */
  readonly singly: boolean
  readonly items: readonly ScreenItem[]
}

/** The safety screen, in the order it is read. Only questions that some gate uses are asked. */
export const SCREEN: readonly ScreenGroup[] = [
  {
    id: 'saddle',
    name: 'Saddle and sphincters',
    singly: true,
    items: [
      { id: 'saddle-numb', ask: 'Any new numbness between the legs, where you would sit on a saddle?' },
      { id: 'bladder', ask: 'Trouble passing water, or losing it without meaning to?' },
      { id: 'bowel', ask: 'Any new loss of control of the bowel?' },
      { id: 'sexual', ask: 'Any new change in sexual function or feeling?' },
      { id: 'both-legs', ask: 'Symptoms in both legs, or a leg that is getting weaker?' },
    ],
  },
  {
    id: 'cord',
    name: 'Spinal cord',
    singly: true,
    items: [
      { id: 'neck-shocks', ask: 'Electric shocks down the back or limbs when you bend the neck?' },
      { id: 'clumsy-hands', ask: 'Have your hands become clumsy?' },
      { id: 'unsteady', ask: 'Are you unsteady on your feet?' },
      { id: 'stiff-legs', ask: 'Have your legs become stiff?' },
      { id: 'both-arms', ask: 'Tingling in both arms?' },
    ],
  },
  {
    id: 'artery',
    name: 'Neck artery and brain stem',
    singly: true,
    items: [
      { id: 'dizzy', ask: 'Dizziness that is new or not looked into?' },
      { id: 'double-vision', ask: 'Double vision, or an eyelid that droops?' },
      { id: 'drop-attack', ask: 'Have you dropped to the ground without warning?' },
      { id: 'speech', ask: 'Difficulty speaking or swallowing?' },
      { id: 'face-numb', ask: 'Numbness of the face, round the mouth above all?' },
      { id: 'worst-headache', ask: 'A headache or neck pain unlike any before?' },
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
    ],
  },
  {
    id: 'illness',
    name: 'Other illness',
    singly: false,
    items: [
      { id: 'cancer', ask: 'Have you ever had cancer?' },
      { id: 'weight-loss', ask: 'Losing weight without trying?' },
      { id: 'night-pain', ask: 'Pain at night that nothing relieves?' },
      { id: 'no-better', ask: 'No better at all after a month?' },
      { id: 'fever', ask: 'Fever, or an infection lately, tuberculosis among them?' },
      { id: 'weak-defence', ask: 'Weakened defences against infection, or drugs by needle?' },
      { id: 'swollen-calf', ask: 'A swollen, warm, painful calf?' },
    ],
  },
  {
    id: 'body',
    name: 'Before pressing',
    singly: false,
    items: [
      { id: 'pregnant', ask: 'Pregnant, or a birth within six months?' },
      { id: 'thinners', ask: 'Blood thinners, or blood that does not clot well?' },
      { id: 'fusion', ask: 'A spinal fusion, or a recent disc operation?' },
      { id: 'hip-replaced', ask: 'A replaced hip?' },
    ],
  },
]

/** The group an item belongs to; undefined for an item nobody knows. */
export function groupOfItem(item: string): ScreenGroup | undefined {
  return SCREEN.find((group) => group.items.some((i) => i.id === item))
}
