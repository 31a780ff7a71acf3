'use client'
import { useExam } from './store'

/** Says whether everything is on disk. Quiet while it is. */
export function LinkStatus() {
  const { link } = useExam()
  const entries = link.waiting === 1 ? '1 entry' : `${link.waiting} entries`
  const words = link.waiting === 0 ? 'Saved' : link.reachable ? 'Saving' : `${entries} kept on this device, waiting for the server`
  return (
    <p role="status" className={link.waiting > 0 && !link.reachable ? 'font-semibold text-halt' : 'text-ash'}>
      {words}
    </p>
  )
}
