'use client'

import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { Key } from '@/ui/key'

const KEYS: readonly (readonly [readonly string[], string])[] = [
  [['Space', 'Page Down'], 'nothing; no change; stays away'],
  [['Enter', 'Page Up'], 'that is my pain; it eases; it comes back; keep'],
  [['S'], 'stretch only; next symptom while confirming'],
  [['E'], 'something else'],
  [['Esc', '.'], 'the patient says stop'],
  [['Backspace'], 'one step back'],
  [['0', '…', '9'], 'type the angle; the next answer keeps it'],
  [['A'], 'start the inclinometer, or take its angle'],
  [['L'], 'leans back, where that is watched'],
  [['↑', '↓'], 'stronger, weaker, while confirming'],
  [['[', ']'], 'left side, right side'],
  [['N'], 'the suggested next test'],
  [['G'], 'go to any test'],
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
          className="fixed left-1/2 top-1/2 w-[34rem] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-card border border-hair bg-sheet p-6"
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
