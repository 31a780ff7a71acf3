import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { DoorPage } from '@/ui/doors/door-page'
import { JoinForm } from './join-form'

export const metadata: Metadata = { title: 'Choose a password' }

export default page('/join', () => {
  return (
    <DoorPage title="Choose a password" words="With the code that whoever leads the clinic gave you. It works once, for three days.">
      <JoinForm />
    </DoorPage>
  )
})
