import { pageDatabase } from '@/http/golfer-of-page'
import { bagOf } from '@/store/bags'
import { allGolfers } from '@/store/golfers'
import { historyOf } from '@/store/sessions'
import { Reports } from '@/ui/screens/desk/reports'

export const metadata = { title: 'Reports' }

export default function ReportsPage() {
  const db = pageDatabase()
  return (
    <Reports
      golfers={allGolfers(db)
        .filter(({ id }) => bagOf(db, id) !== null)
        .map(({ id, name }) => ({ id, name, shots: historyOf(db, id).shots }))}
    />
  )
}
