'use client'

import { Key } from '@/ui/key'
import { Dialog, DialogClose } from '@/ui/dialog'
import { Button } from '@/ui/button'

const KEYS: readonly (readonly [readonly string[], string])[] = [
  [['Space', 'Page Down'], 'nothing; no change; the first choice; the usual value; another trial'],
  [['Enter', 'Page Up'], 'that is my pain; it eases; the second choice; keep'],
  [['.'], 'the patient says stop: the test in hand ends'],
  [['Esc'], 'put away what lies open; nothing is recorded'],
  [['Backspace'], 'one step back'],
  [['S', 'E'], 'stretch only, something else; S is the next symptom while confirming'],
  [['0', '…', '9'], 'an angle, a choice, the value of a cell; how strong it is, while confirming: 0 is ten, and keeps it'],
  [['A', '…', 'Y'], 'a place, while confirming: the same key is the same place; with Shift on the other side'],
  [['Z', 'X'], 'elsewhere, on the body chart; cannot say'],
  [['Y', 'N', 'R'], 'yes, no, no to the rest, where something is asked first'],
  [['A'], 'start the inclinometer, or take its angle'],
  [['T'], 'time the hold'],
  [['F', 'C'], 'the simulated force pad; the simulated cuff'],
  [['P'], 'keep: familiar pain stopped the movement'],
  [['U', 'H'], 'the rest of a table is usual; keep it as it is'],
  [['D', 'X'], 'more of it; nothing was there to relieve'],
  [['L'], 'leans back, where that is watched'],
  [['O', 'I'], 'what the end felt like; whether pain or resistance came first'],
  [['↑', '↓', '←', '→'], 'stronger, weaker; the cells of a table; another part to let go'],
  [['Shift ←', 'Shift →'], 'do the test in hand earlier or later'],
  [['[', ']'], 'left side, right side'],
  [['N', 'G'], 'the suggested next test; any test'],
  [['K', 'R'], 'leave the test out; rate the symptom now'],
  [['W'], 'a warning sign; then its key'],
  [['B', 'V'], 'a bell for the patient; voice on or off'],
  [['Shift', '⌫'], 'record again what was taken back'],
  [['?'], 'these keys'],
]

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** Every key of the bench. */
export function KeysDialog({ open, onOpenChange }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Keys on the bench">
      <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {KEYS.map(([keys, does]) => (
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
      <DialogClose asChild>
        <Button className="mt-4">Close</Button>
      </DialogClose>
    </Dialog>
  )
}
