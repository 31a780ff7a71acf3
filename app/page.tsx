import { redirect } from 'next/navigation'
import { page } from '@/server/auth/page'

export default page('/', () => {
  redirect('/today')
})
