import { GolferForm } from '@/ui/screens/golfer/golfer-form'
import { PlainHead } from '@/ui/shared/shell/plain-head'
import { PageHead } from '@/ui/shared/shell/page-head'

export const metadata = { title: 'New golfer' }

export default function NewGolfer() {
  return (
    <>
      <PlainHead />
      <main>
        <PageHead
          title="Find out how far each club really goes"
          lede="Say who is hitting, choose a bag, and hit the first ball: shots become stock carries, and stock carries become gaps."
        />
        <GolferForm />
      </main>
    </>
  )
}
