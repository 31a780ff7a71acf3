'use client'

import { COMMAND_IDS, COMMANDS, letterOf } from '@/ui/exam/commands'
import { useHands } from '@/ui/exam/hands'
import { Key } from '@/ui/key'
import { Dialog, DialogClose } from '@/ui/dialog'
import { Button } from '@/ui/button'
import { usePractice } from '@/ui/practice/context'

/** Keys that have a name, and characters that mean the same on every card. */
const FIXED: readonly (readonly [readonly string[], string])[] = [
  [['Space', 'Page Down'], 'nothing; no change; the first choice; the usual value; another trial'],
  [['Enter', 'Page Up'], 'that is my pain; it eases; the second choice; keep'],
  [['.'], 'the patient says stop: the test in hand ends'],
  [['Esc'], 'put away what lies open; nothing is recorded'],
  [['⌫'], 'one step back'],
  [['Shift', '⌫'], 'record again what was taken back'],
  [['0', '…', '9'], 'an angle, a choice, the value of a cell; how strong it is, while confirming: 0 is ten, and keeps it'],
  [['A', '…', 'Y'], 'a place, while confirming: the same letter is the same place; with Shift on the other side'],
  [['S', 'X', 'Z'], 'while confirming: the next symptom; cannot say; elsewhere, on the body chart'],
  [['Y', 'N', 'R'], 'yes, no, no to the rest, where something is asked first'],
  [['↑', '↓', '←', '→'], 'stronger, weaker; the cells of a table; another part to let go'],
  [['Shift ←', 'Shift →'], 'do the test in hand earlier or later'],
  [['[', ']'], 'left side, right side'],
  [['Ctrl K'], 'any screen, test or person'],
  [['?'], 'this help'],
]

/** The hand on a simulated person, in practice. */
const IN_PRACTICE: readonly (readonly [readonly string[], string])[] = [
  [['+'], 'held: move or press further; pressed once where nothing moves: do it'],
  [['−'], 'held: back a little'],
  [[','], 'ask the open question, or look'],
  [[';'], 'ask a question that leads; ask the rest of a group of the safety screen'],
]

/** Words that this product adds to the field’s own. */
const WORDS: readonly (readonly [string, string])[] = [
  ['not assessed yet', 'No test done so far says anything about this source: unknown, and never clear.'],
  ['no figure', 'What was found supports or opposes this source, and no published accuracy fits it.'],
  ['open, needs 1 more', 'The rule can still be met, by that many more of its open tests.'],
  ['cannot be met any more', 'Too many of its tests are negative; what is left of them changes nothing for this rule.'],
  ['would change nothing', 'Every source in question is settled without this test. It can still be done.'],
  ['contraindicated, stopped', 'A safety answer, or a finding, forbids this test, or ends the examination of that region.'],
  ['estimate', 'Probability of the source from all answers, between the decided rule and the model; rounded to 5 %, since the papers were not checked.'],
  ['supports, opposes', 'Findings without a published accuracy: they are told, and change no estimate.'],
]

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** Every key of the bench, with the letters of this device, and the words that are this product’s own. */
export function KeysDialog({ open, onOpenChange }: Props) {
  const [hands] = useHands()
  const fixed = usePractice() ? [...FIXED, ...IN_PRACTICE] : FIXED
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Help on the bench" width="w-[64rem]">
      {!hands.letters && (
        <p className="mt-2 rounded-card border-l-[6px] border-lantern bg-dust px-3 py-2">
          Single letters and digits are switched off on this device (Settings).
        </p>
      )}
      <h3 className="mt-4 text-lg">Keys</h3>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 lg:grid-cols-[auto_1fr_auto_1fr]">
        {[...fixed, ...COMMAND_IDS.map((id) => [[letterOf(id, hands.keys).toUpperCase()], COMMANDS[id].words] as const)].map(([keys, does]) => (
          <div key={does} className="contents">
            <dt className="flex items-start gap-1">
              {keys.map((k) => (
                <Key key={k}>{k}</Key>
              ))}
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mt-5 text-lg">Words</h3>
      <dl className="mt-2 grid gap-x-8 gap-y-2 lg:grid-cols-2">
        {WORDS.map(([word, means]) => (
          <div key={word}>
            <dt className="font-semibold">{word}</dt>
            <dd className="text-ash">{means}</dd>
          </div>
        ))}
      </dl>
      <DialogClose asChild>
        <Button className="mt-4">Close</Button>
      </DialogClose>
    </Dialog>
  )
}
