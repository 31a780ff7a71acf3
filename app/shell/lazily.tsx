'use client'

import dynamic from 'next/dynamic'
import { Opening } from '@/ui/opening'

/** What it shows is in this device alone, so it is drawn there. */
export const ShellApp = dynamic(() => import('./shell-app').then((m) => m.ShellApp), {
  ssr: false,
  loading: () => <Opening words="Opening what this device keeps" />,
})
