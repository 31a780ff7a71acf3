'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'

/** The rendering that was shown last; a page that comes back with the same one is an old one. */
let shown: string | null = null

/**
 * Going back shows a page as it was left. A list of people as it was left is how somebody is entered twice, so it is asked for again.
 *
 * @param made - names one rendering of the page by the server
 */
export function useAsItIs(made: string): void {
  const router = useRouter()
  useEffect(() => {
    if (shown === made) router.refresh()
    shown = made
  }, [made, router])
  useEffect(() => {
    const back = (event: PageTransitionEvent) => {
      if (event.persisted) router.refresh()
    }
    window.addEventListener('pageshow', back)
    return () => window.removeEventListener('pageshow', back)
  }, [router])
}
