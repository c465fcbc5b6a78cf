'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'

const PAGES = [
  ['/desk', 'Desk'],
  ['/guide', 'Guide'],
] as const

/** The head of the pages that are of no one golfer. */
type Props = {
  coach: string | null
  /** There is a desk to go to. */
  desk?: boolean
}

export function DeskHead({ coach, desk = true }: Props) {
  const path = usePathname()
  return (
    <header className="head">
      <Link href="/" className="name">
        Banco
      </Link>
      <nav aria-label="Places">
        {PAGES.filter(([href]) => desk || href !== '/desk').map(([href, name]) => (
          <Link key={href} href={href} {...(path.startsWith(href) && { 'aria-current': 'page' as const })}>
            {name}
          </Link>
        ))}
      </nav>
      <div className="who px-2">
        <b>{coach}</b>
      </div>
    </header>
  )
}
