'use client'

import { BodyChart } from '@/ui/body-chart/body-chart'
import { Button } from '@/ui/button'
import { Dialog, DialogClose } from '@/ui/dialog'
import type { Bench } from './use-bench'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly bench: Bench
}

/** The whole body, for a place that is not among those offered. */
export function ElsewhereDialog({ open, onOpenChange, bench }: Props) {
  const { pending } = bench
  if (!pending) return null
  const put = (places: readonly (typeof pending.places)[number][], paints: boolean) =>
    bench.change({
      places: paints ? [...new Set([...pending.places, ...places])] : pending.places.filter((p) => !places.includes(p)),
      placeUnknown: false,
    })
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Where is it felt?" width="w-[30rem]">
      <BodyChart label="here" painted={pending.places} others={[]} onToggle={(place) => put([place], !pending.places.includes(place))} onStroke={put} />
      <DialogClose asChild>
        <Button look="strong">Done</Button>
      </DialogClose>
    </Dialog>
  )
}
