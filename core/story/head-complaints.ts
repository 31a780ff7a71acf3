import type { Symptom } from '../record/exam'
import { type HEAD_QUALITIES, type Quality } from '../vocabulary/quality'

/** What links a complaint of the head to the upper neck; how sure that is belongs to it. */
const LINKS: Readonly<Record<(typeof HEAD_QUALITIES)[number], string>> = {
  headache: 'Headache that comes from the neck goes with a short turn at C1–C2, which was studied: the flexed-neck rotation is worth measuring.',
  jaw: 'A jaw complaint and the upper cervical spine are often met together: an association, no more.',
  dizziness: 'Dizziness and the upper cervical spine are often met together: an association, no more. Ask the artery questions first.',
}

/** Does this symptom have a part in the head that the upper neck is looked at for? */
export function hasHeadComplaint({ qualities }: Pick<Symptom, 'qualities'>): boolean {
  return qualities.some(isOfTheHead)
}

/** Hints for the hand that takes the story, never a result. */
export function headHints({ qualities }: Pick<Symptom, 'qualities'>): readonly string[] {
  return qualities.filter(isOfTheHead).map((q) => LINKS[q])
}

function isOfTheHead(quality: Quality): quality is keyof typeof LINKS {
  return quality in LINKS
}
