'use client'

import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { Key } from '@/ui/key'

const KEYS: readonly (readonly [readonly string[], string])[] = [
  [['Space', 'Page Down'], 'nothing; no change; the first choice; the usual value; another trial'],
  [['Enter', 'Page Up'], 'that is my pain; it eases; the second choice; keep'],
  [['Esc', '.'], 'the patient says stop'],
  [['Backspace'], 'one step back'],
  [['S', 'E'], 'stretch only, something else; S is the next symptom while confirming'],
  [['0', '…', '9'], 'an angle, a choice or the value of a cell'],
  [['A'], 'start the inclinometer, or take its angle'],
  [['T'], 'time the hold'],
  [['F', 'C'], 'the simulated force pad; the simulated cuff'],
  [['P'], 'keep: own pain stopped the movement'],
  [['U', 'H'], 'the rest of a table is usual; keep it as it is'],
  [['D', 'X'], 'more of it; nothing was there to relieve'],
  [['L'], 'leans back, where that is watched'],
  [['↑', '↓', '←', '→'], 'stronger, weaker; the cells of a table'],
  [['Shift ←', 'Shift →'], 'do the test in hand earlier or later'],
  [['[', ']'], 'left side, right side'],
  [['N', 'G'], 'the suggested next test; any test'],
  [['K', 'R'], 'leave the test out; rate the symptom now'],
  [['W'], 'a warning sign'],
  [['B', 'V'], 'a bell for the patient; voice on or off'],
  [['?'], 'these keys'],
]

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** Every key of the bench. */
export function KeysDialog({ open, onOpenChange }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed left-1/2 top-1/2 max-h-[94vh] w-[38rem] overflow-y-auto max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-card border border-hair bg-sheet p-6"
        >
          <div className="mb-4 flex items-center">
            <Dialog.Title className="text-2xl">Keys on the bench</Dialog.Title>
            <Dialog.Close aria-label="Close" className="ml-auto grid size-11 place-items-center rounded-card border border-hair">
              <X size={18} aria-hidden="true" />
            </Dialog.Close>
          </div>
          <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
            {KEYS.map(([keys, does]) => (
              <div key={does} className="contents">
                <dt className="flex gap-1">
                  {keys.map((k) => (
                    <Key key={k}>{k}</Key>
                  ))}
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
