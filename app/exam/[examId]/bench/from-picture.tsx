'use client'

import { Camera } from 'lucide-react'
import { useState } from 'react'
import type { InHand } from '@/core/bench/in-hand'
import type { Bench } from './use-bench'
import { fetched } from '@/ui/fetched'

// Opened in few tests, and never while both hands are busy.
const PictureDialog = fetched(() => import('./picture-dialog').then((m) => m.PictureDialog))

/** Opens the picture; its angle is put where a typed one would stand. */
export function FromPicture({ bench, inHand }: { readonly bench: Bench; readonly inHand: InHand }) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <button type="button" onClick={() => setOpen(true)} className="ml-auto flex min-h-14 items-center gap-2 underline decoration-hair underline-offset-4">
        <Camera size={18} aria-hidden="true" /> from a picture
      </button>
      {open && (
        <PictureDialog
          inHand={inHand}
          onClose={() => setOpen(false)}
          onUse={(angle) => {
            bench.input({ do: 'from-picture', angle })
            setOpen(false)
          }}
        />
      )}
    </>
  )
}
