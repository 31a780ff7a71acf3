import { studentsFor } from '@/db/queries/entrusted'
import { route } from '@/server/route'

export const dynamic = 'force-dynamic'

/** Students of this clinic, and to which of them this examination is entrusted. */
export const GET = route('/exam/[examId]/students', ({ params: { examId }, db }) => Response.json({ students: studentsFor(db, examId) }))
