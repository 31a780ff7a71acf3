'use client'

import { usePathname } from 'next/navigation'
import { useState } from 'react'
import { Button } from './button'
import { Dialog, DialogClose } from './dialog'
import { useKeys } from './exam/use-keys'
import { HELP, helpFor } from './help-texts'
import { Key } from './key'

/** What this screen is for, its keys and its words: a button in the header, and ? anywhere outside a field. The bench has its own. */
export function Help() {
  const [open, setOpen] = useState(false)
  const topic = helpFor(usePathname())
  useKeys(({ key }) => {
    if (key !== '?' || topic === 'bench') return false
    setOpen(true)
    return true
  }, true)
  if (topic === 'bench') return null
  const { title, purpose, keys, words } = HELP[topic]
  return (
    <>
      <button
        type="button"
        aria-label={`Help: ${title}`}
        onClick={() => setOpen(true)}
        className="grid size-11 place-items-center rounded-card border border-edge"
      >
        ?
      </button>
      <Dialog open={open} onOpenChange={setOpen} title={title}>
        <p className="mt-2">{purpose}</p>
        <h3 className="mt-4 text-lg">Keys</h3>
        <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
          {[...keys, [['Ctrl K'], 'any screen, person or test'] as const, [['?'], 'this help'] as const].map(([which, does]) => (
            <div key={does} className="contents">
              <dt className="flex gap-1">
                {which.map((k) => (
                  <Key key={k}>{k}</Key>
                ))}
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
        {words.length > 0 && (
          <>
            <h3 className="mt-4 text-lg">Words</h3>
            <dl className="mt-1 space-y-1.5">
              {words.map(([word, means]) => (
                <div key={word}>
                  <dt className="inline font-semibold">{word}: </dt>
                  <dd className="inline text-ash">{means}</dd>
                </div>
              ))}
            </dl>
          </>
        )}
        <DialogClose asChild>
          <Button className="mt-4">Close</Button>
        </DialogClose>
      </Dialog>
    </>
  )
}
