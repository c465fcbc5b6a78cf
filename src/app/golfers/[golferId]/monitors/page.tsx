import { golferOfPage } from '@/http/golfer-of-page'
import { TwoMonitors } from '@/ui/screens/monitors/two-monitors'

export const metadata = { title: 'Two monitors' }

export default async function MonitorsPage({ params }: { params: Promise<{ golferId: string }> }) {
  return <TwoMonitors golfer={golferOfPage((await params).golferId)} />
}
