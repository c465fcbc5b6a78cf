import { redirect } from 'next/navigation'
import { copiesIn } from '@/store/copies'
import { DataError } from '@/store/data-error'
import { dataFolder } from '@/store/data-folder'
import { theDatabase } from '@/store/database'
import { MendData } from '@/ui/screens/data/mend-data'

export const metadata = { title: 'The data cannot be used' }
export const dynamic = 'force-dynamic'

const now = () => Date.now()

/** Where every page leads while the data cannot be used. */
export default function DataPage() {
  const wrong = whatIsWrong()
  if (wrong === null) redirect('/')
  return <MendData wrong={wrong} copies={copiesIn(dataFolder())} nowMs={now()} />
}

function whatIsWrong(): string | null {
  try {
    theDatabase()
    return null
  } catch (error) {
    if (error instanceof DataError) return error.message
    throw error
  }
}
