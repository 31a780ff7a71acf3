import { Slot } from 'radix-ui'
import type { ComponentProps } from 'react'

/** How much a button stands out: the one thing to do, one of several, one that stops, or a quiet one in a line of text. */
export type ButtonLook = 'main' | 'plain' | 'strong' | 'stop' | 'quiet'

const LOOK: Record<ButtonLook, string> = {
  main: 'rounded-card border border-ink bg-ink px-5 font-semibold text-dust',
  plain: 'rounded-card border border-ash bg-sheet px-4',
  strong: 'rounded-card border border-ink bg-sheet px-4 font-semibold',
  stop: 'rounded-card border-2 border-halt bg-sheet px-4 font-semibold text-halt',
  quiet: 'underline underline-offset-4',
}

/** High enough for a finger; on the bench for a hand that is busy. */
const SIZE = { usual: 'min-h-11', large: 'min-h-14' } as const

interface Props extends ComponentProps<'button'> {
  readonly look?: ButtonLook
  readonly size?: keyof typeof SIZE
  /** Draws its only child, a link for instance, as a button. */
  readonly asChild?: boolean
}

/** Every ordinary button. It never submits a form unless it says so. */
export function Button({ look = 'plain', size = 'usual', asChild = false, className = '', type, ...rest }: Props) {
  const Piece = asChild ? Slot.Root : 'button'
  return (
    <Piece
      {...(asChild ? {} : { type: type ?? 'button' })}
      className={`inline-flex items-center justify-center gap-2 ${SIZE[size]} ${LOOK[look]} disabled:opacity-50 ${className}`}
      {...rest}
    />
  )
}
