import { golferOfPage, pageDatabase } from '@/http/golfer-of-page'
import { sessionsOf, waitingSessions } from '@/store/sessions'
import { importsOf } from '@/store/shot-files'
import { Log } from '@/ui/screens/log/log'

export const metadata = { title: 'Log' }

export default async function LogPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const db = pageDatabase()
  return (
    <Log
      golfer={golfer}
      sessions={sessionsOf(db, golfer.id)}
      waiting={waitingSessions(db)}
      files={importsOf(db, golfer.id)}
    />
  )
}
