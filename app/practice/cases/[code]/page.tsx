import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { UUID } from '@/core/record/shapes'
import { emptyCase } from '@/core/trainer/case-file/file'
import { writtenCase } from '@/db/queries/practice-sets'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { CaseEditor } from '../lazily'

export const metadata: Metadata = { title: 'A written case' }

export default page('/practice/cases/[code]', ({ who, params: { code }, db }) => {
  if (!UUID.test(code)) notFound()
  const found = writtenCase(db, code)
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">{found?.file.title ?? 'A new case'}</ScreenTitle>
        <p className="mt-1 max-w-3xl text-ash">What you give stands; what you leave open is drawn. The person on the right is who comes of it.</p>
        <CaseEditor code={code} file={found?.file ?? emptyCase('back', code.slice(-6))} isKept={found !== undefined} />
      </main>
    </>
  )
})
