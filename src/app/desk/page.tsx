import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { loadView } from '@/http/workers'
import { dataNow } from '@/http/golfer-of-page'
import { allGolfers } from '@/store/golfers'
import { Desk } from '@/ui/screens/desk/desk'

export default async function DeskPage() {
  const [db, nowMs] = dataNow()
  const [first] = allGolfers(db)
  return (
    <Desk
      {...await loadView('deskView', nowMs, -new Date(nowMs).getTimezoneOffset())}
      templates={BAG_TEMPLATES.map(({ key, name }) => ({ key, name }))}
      units={{ lengthUnit: first?.lengthUnit ?? 'yd', speedUnit: first?.speedUnit ?? 'mph' }}
    />
  )
}
