import Link from 'next/link'

/** The head of a page that is no golfer's. */
export const PlainHead = () => (
  <header className="head">
    <Link href="/" className="name">
      Banco
    </Link>
  </header>
)
