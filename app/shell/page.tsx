import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { ShellApp } from './lazily'

export const metadata: Metadata = { title: 'Without the server' }

/** Stands in for a page when the server is away: it names nobody, and opens what this device keeps sealed. */
export default page('/shell', () => {
  return <ShellApp />
})
