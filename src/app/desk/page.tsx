import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { dataNow } from '@/http/golfer-of-page'
import { allGolfers } from '@/store/golfers'
import { Desk } from '@/ui/screens/desk/desk'
import { deskView } from '@/views/desk-view'

export default function DeskPage() {
  const [db, nowMs] = dataNow()
  const [first] = allGolfers(db)
  return (
    <Desk
      {...deskView(db, nowMs, -new Date(nowMs).getTimezoneOffset())}
      templates={BAG_TEMPLATES.map(({ key, name }) => ({ key, name }))}
      units={{ lengthUnit: first?.lengthUnit ?? 'yd', speedUnit: first?.speedUnit ?? 'mph' }}
    />
  )
}
