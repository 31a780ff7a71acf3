'use client'

import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly title: string
  /** Tailwind width; it never exceeds the window. */
  readonly width?: string
  readonly children: ReactNode
}

/** A dialog over the page: it takes the focus, gives it back, and Esc closes it without doing anything. */
export function Dialog({ open, onOpenChange, title, width = 'w-[40rem]', children }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-30 bg-ink/40" />
        <Radix.Content
          aria-describedby={undefined}
          className={`fixed left-1/2 z-30 top-1/2 max-h-[92vh] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-card border border-hair bg-sheet p-6 ${width}`}
        >
          <Radix.Title className="text-2xl">{title}</Radix.Title>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}

export const DialogClose = Radix.Close
