import { Label } from 'radix-ui'
import { type ComponentProps, type ReactElement, useId } from 'react'

/** How every box that is typed into or chosen from looks. */
export const BOX = 'min-h-11 w-full rounded-md border border-ash bg-dust px-3 placeholder:text-ash'

interface Props {
  readonly label: string
  /** What is wrong, beside the field; read with it. */
  readonly error?: string | undefined
  readonly hint?: string
  readonly className?: string
  /** The label is there for those who hear the page, and not drawn. */
  readonly unseen?: boolean
  /** Draws the box with what ties it to its label and its error. */
  readonly children: (tie: { readonly id: string; readonly 'aria-invalid': boolean; readonly 'aria-describedby'?: string }) => ReactElement
}

/** A labelled field: the label, the box, and what is wrong with it in the same place. */
export function Field({ label, error, hint, className = '', unseen = false, children }: Props) {
  const id = useId()
  const told = error ?? hint
  return (
    <div className={`min-w-0 ${className}`}>
      <Label.Root htmlFor={id} className={unseen ? 'sr-only' : 'mb-1 block text-sm text-ash'}>
        {label}
      </Label.Root>
      {children({ id, 'aria-invalid': error !== undefined, ...(told !== undefined && { 'aria-describedby': `${id}-told` }) })}
      {told !== undefined && (
        <p id={`${id}-told`} className={`mt-1 text-sm ${error === undefined ? 'text-ash' : 'font-semibold text-halt'}`}>
          {told}
        </p>
      )}
    </div>
  )
}

/** One of a few things, chosen from a list of the browser's own: it works with every hand and reader. */
export function Select({ className = '', ...rest }: ComponentProps<'select'>) {
  return <select className={`${BOX} ${className}`} {...rest} />
}
