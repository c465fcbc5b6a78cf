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
          lede="Add a golfer, choose a bag and hit. Banco shows how far each club carries and which gaps are wrong."
        />
        <GolferForm />
      </main>
    </>
  )
}
