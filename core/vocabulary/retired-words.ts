/** A word that no practitioner's screen, note or export uses any more, and the field's word that stands for it. */
export interface RetiredWord {
  readonly word: RegExp
  readonly say: string
}

/**
 * Words of earlier versions that their readers had to ask about.
 *
 * docs/words.md explains the words that are used; `scripts/words.test.ts` reads every text a practitioner meets against this list. What is
 * read aloud to the patient has its own register and is not held to it.
 */
export const RETIRED_WORDS: readonly RetiredWord[] = [
  { word: /\b(?:own|own \w+) (?:pain|symptoms?)\b/i, say: 'familiar pain, familiar symptom' },
  { word: /\bways? of (?:doing|performing)\b|\bdone this way\b|\banother way\b/i, say: 'technique' },
  { word: /\bspare\b/i, say: 'would change nothing' },
  { word: /\b(?:un)?lit\b/i, say: 'not assessed yet' },
  { word: /\bbarred\b/i, say: 'contraindicated, stopped' },
  { word: /\bhangs? (?:most )?on\b|\bhangs? together\b/i, say: 'depends most on; correlated tests' },
  { word: /\bstarting odds\b/i, say: 'pretest probability' },
  { word: /\bshared[- ]cause\b|\bshares? (?:a|one|its|their) cause\b|\bone cause\b/i, say: 'correlated tests' },
  { word: /\bplain product\b|\bplain multiplication\b/i, say: 'as if independent' },
  { word: /\b(?:leading|headline|own|shipped) figures?\b|\bits figure\b/i, say: 'estimate; accuracy, likelihood ratio' },
  { word: /\bratio (?:of )?[x×]?\d/i, say: 'LR+ 4.0' },
  { word: /\bbits?\b/i, say: 'expected gain' },
  { word: /\bmoves? (?:a |no |any |the )?(?:numbers?|figures?|nothing)\b/i, say: 'changes the estimate' },
  { word: /\bout of reach\b/i, say: 'cannot be met any more' },
  { word: /\bpoints? (?:to it|away)\b|\bpointed to\b/i, say: 'supports, opposes' },
  { word: /\bgradings?\b/i, say: 'graded rule' },
  { word: /\bquiet\b/i, say: 'negative' },
  { word: /\bfewest turns\b|\b(?:one|\d+) turns?\b|\b(?:without|after) turning\b/i, say: 'position changes' },
  { word: /\bface down\b|\bon the back\b(?! of)/i, say: 'prone, supine' },
  { word: /\bside-bend/i, say: 'side-flexion' },
  { word: /\b(?:leg|arm) nerve\b/i, say: 'neurodynamic, ULNT, radiculopathy' },
  { word: /\bpelvic (?:four|five|six|clear)\b/i, say: 'SI joint, 3 of 5' },
  { word: /\bupper neck\b/i, say: 'craniocervical, upper cervical' },
  { word: /\b(?:neck|lumbar) root\b|\broot of the neck\b/i, say: 'radiculopathy, nerve root C6' },
  { word: /\bloose (?:segment|pelvis)\b|\bstiff pelvis\b/i, say: 'segmental instability, sacroiliac hypomobility' },
  { word: /\bneck artery\b|\binner organ\b/i, say: 'cervical arterial dysfunction, visceral' },
  { word: /\brib margin\b|\bpubic joint\b|\brear iliac spine/i, say: 'costal margin, pubic symphysis, posterior superior iliac spine' },
  { word: /\bgive back\b|\btake off\b|\bbring in\b|\bbrought in\b/i, say: 'restore, remove, import' },
]

/** The retired words in a text, with what to say for them. */
export function retiredIn(text: string): readonly RetiredWord[] {
  return RETIRED_WORDS.filter(({ word }) => word.test(text))
}
