import Link from 'next/link'
import { PlainHead } from '@/ui/shared/shell/plain-head'

export default function NotFound() {
  return (
    <>
      <PlainHead />
      <main>
        <h1>There is nothing at this address</h1>
        <p className="lede">
          The golfer or page may have another address. <Link href="/">Go to the start</Link>
        </p>
      </main>
    </>
  )
}
