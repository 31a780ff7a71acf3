'use client'
import { useExam } from './store'

/** Says whether everything is on disk. Quiet while it is. */
export function LinkStatus() {
  const { link } = useExam()
  const { waiting, reachable, lasting, aside } = link
  const entries = waiting === 1 ? '1 entry' : `${waiting} entries`
  const words =
    waiting === 0
      ? aside.length > 0
        ? `Saved, ${aside.length} set aside`
        : 'Saved'
      : !lasting
        ? `${entries} in this window only: keep it open`
        : reachable
          ? 'Saving'
          : `Not stored yet: ${entries} kept here`
  return (
    <p role="status" className={(waiting > 0 && (!reachable || !lasting)) || aside.length > 0 ? 'font-semibold text-halt' : 'text-ash'}>
      {words}
    </p>
  )
}
