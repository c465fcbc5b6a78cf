import { redirect } from 'next/navigation'
import { golferOfPage, pageDatabase } from '@/http/golfer-of-page'
import { bagOf } from '@/store/bags'
import { clubLabels } from '@/store/club-labels'
import { fileShapes } from '@/store/file-shapes'
import { ImportScreen } from '@/ui/screens/import/import-screen'
import type { ColumnState } from '@/ui/screens/import/column-mapping'

export const metadata = { title: 'Bring in a table' }

export default async function ImportPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const db = pageDatabase()
  const bag = bagOf(db, golfer.id)
  if (!bag) redirect(`/golfers/${golfer.id}/bag`)
  const shapes = Object.fromEntries(
    fileShapes(db, golfer.id).map(({ shape, columns }) => [shape, columns as ColumnState[]]),
  )
  return (
    <ImportScreen
      golfer={golfer}
      bag={bag}
      mapped={Object.fromEntries(clubLabels(db, golfer.id))}
      shapes={shapes}
    />
  )
}
