import { useRouter } from 'next/navigation'
import type { MouseEvent, PointerEvent } from 'react'

interface ListLinks {
  readonly onClick: (press: MouseEvent) => void
  readonly onPointerOver: (over: PointerEvent) => void
}

/**
 * The links of a list go the way the program's own do, and one listener does it for all of them: a link that minds itself costs its own
 * drawing, and fetches its page ahead as soon as it is in view. Here that is done for the one a pointer rests on.
 */
export function useListLinks(): ListLinks {
  const router = useRouter()
  return {
    onClick: (press) => {
      const place = placeAt(press.target)
      // Another window, another tab, a copy of the address: the browser's own.
      const plain = press.button === 0 && !(press.metaKey || press.ctrlKey || press.shiftKey || press.altKey)
      if (place === null || !plain || press.defaultPrevented) return
      press.preventDefault()
      router.push(place)
    },
    onPointerOver: ({ target }) => {
      const place = placeAt(target)
      if (place !== null) router.prefetch(place)
    },
  }
}

function placeAt(target: EventTarget): string | null {
  return target instanceof Element ? (target.closest('a')?.getAttribute('href') ?? null) : null
}
