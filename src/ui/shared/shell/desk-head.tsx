import Link from 'next/link'

/** The head of the pages that are of no one golfer. */
export function DeskHead({ coach }: { coach: string | null }) {
  return (
    <header className="head">
      <Link href="/desk" className="name">
        Banco
      </Link>
      <nav aria-label="The desk">
        <Link href="/desk" aria-current="page">
          Desk
        </Link>
      </nav>
      <div className="who px-2">
        <b>{coach}</b>
      </div>
    </header>
  )
}
