import { notFound } from 'next/navigation'
import type { VisitId } from '@/core/model/ids'
import { loadView } from '@/http/workers'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { visitById } from '@/store/visits'
import { Visit } from '@/ui/screens/visit/visit'

export const metadata = { title: 'Visit' }

export default async function VisitPage({
  params,
}: {
  params: Promise<{ golferId: string; visitId: string }>
}) {
  const { golferId, visitId } = await params
  const golfer = golferOfPage(golferId)
  const [db, nowMs] = dataNow()
  const visit = visitById(db, decodeURIComponent(visitId) as VisitId)
  if (visit?.golferId !== golfer.id) notFound()
  return <Visit {...await loadView('visitView', golfer, visit, nowMs)} />
}
