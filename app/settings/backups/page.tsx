import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { format } from 'date-fns'
import type { Metadata } from 'next'
import Link from 'next/link'
import { anchorFile, readAnchors } from '@/db/anchors'
import { backupsIn } from '@/db/backup'
import { KEPT } from '@/db/keep'
import { thisClinic } from '@/db/queries/this-clinic'
import { environment } from '@/server/environment'
import { page } from '@/server/auth/page'
import { Button } from '@/ui/button'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { BackupDesk } from './backup-desk'

export const metadata: Metadata = { title: 'Backups' }

export default page('/settings/backups', ({ who, db }) => {
  const { backupFolder, anchorFolder, recipient } = environment()
  const backups = backupsIn(backupFolder).map(({ file, at, bytes, encrypted }) => ({
    name: path.basename(file),
    when: format(at, 'EEEE d MMMM yyyy, HH:mm'),
    size: bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`,
    encrypted,
  }))
  const anchors = anchorFile(anchorFolder, thisClinic(db).id)
  const last = existsSync(anchors) ? readAnchors(readFileSync(anchors, 'utf8')).anchors.at(-1) : undefined
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-4xl px-6 py-6">
        <ScreenTitle className="text-3xl">Backups</ScreenTitle>
        <p className="mt-2 max-w-3xl text-ash">
          One is made every day while the program runs, looked through as a whole, and kept by a rule: {KEPT.days} days, {KEPT.weeks} weeks, {KEPT.months}{' '}
          months. They lie in <code className="break-all">{backupFolder}</code>
          {recipient === '' ? ', not encrypted' : ', encrypted'}. A backup on the same disk is lost with the disk.
        </p>
        <BackupDesk backups={backups} />
        <section aria-labelledby="anchor" className="mt-8 border-t border-hair pt-5">
          <h2 id="anchor" className="text-xl">
            Anchor of the chain
          </h2>
          {last ? (
            <>
              <p className="mt-2 text-ash">
                Signed {format(last.at, 'd MMMM yyyy, HH:mm')}. Print it or mail it to somebody: whoever writes the whole chain anew cannot write what lies
                elsewhere. It names nobody.
              </p>
              <p className="figures mt-3 break-all rounded-card border border-hair bg-sheet p-4 text-sm">{JSON.stringify(last)}</p>
            </>
          ) : (
            <p className="mt-2">None yet: the first is signed with the first backup.</p>
          )}
          <h3 className="mt-6 text-lg">Signatures, for whoever checks a note without the clinic</h3>
          <p className="mt-1 text-ash">
            Every signed note carries a check code. This list holds the codes of all that were signed here, names nobody, and is signed like the anchor;{' '}
            <code>scripts/check-note.mjs</code> holds a code or a saved examination against it. Here the same is told under{' '}
            <Link href="/check" className="underline underline-offset-4">
              Check a signed note
            </Link>
            .
          </p>
          <Button asChild className="mt-3">
            <a href="/settings/backups/signatures" download>
              Save the list of signatures
            </a>
          </Button>
        </section>
      </main>
    </>
  )
})
