import Link from 'next/link'

export default function NotFound() {
  return (
    <main>
      <h1>There is nothing at this address</h1>
      <p className="lede">
        The golfer or page may have another address. <Link href="/">Go to the bench</Link>
      </p>
    </main>
  )
}
