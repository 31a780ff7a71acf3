'use client'

import { Button } from './button'
import { Dialog, DialogClose } from './dialog'
import { HELP } from './help-texts'
import type { HelpTopic } from './help-topic'
import { Key } from './key'

interface Props {
  readonly topic: Exclude<HelpTopic, 'bench'>
  readonly onClose: () => void
}

/** What a screen is for, its keys and its words. */
export function HelpDialog({ topic, onClose }: Props) {
  const { title, purpose, keys, words } = HELP[topic]
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={title}>
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
  )
}
