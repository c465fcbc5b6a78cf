'use client'

import Link from 'next/link'
import { PageHead } from '../../shared/shell/page-head'
import { Restore, type CopyShown } from '../../shared/data/restore'

type Props = { wrong: string; copies: CopyShown[]; nowMs: number }

/** What is wrong with the data as a whole, and the ways to have them again. */
export function MendData({ wrong, copies, nowMs }: Props) {
  return (
    <>
      <header className="head">
        <span className="name">Banco</span>
      </header>
      <main>
        <PageHead title="The data cannot be used" lede={wrong} />
        <section className="sheet p-3" style={{ maxWidth: 620 }} aria-label="Have them again">
          <h2 className="mb-2">Have them again</h2>
          <p className="quiet">
            Whatever is put back is checked first, and what is there now is kept beside it.
          </p>
          <Restore copies={copies} nowMs={nowMs} />
          <p className="mt-3 mb-0">
            Repaired it yourself? <Link href="/">Look again</Link>
          </p>
        </section>
      </main>
    </>
  )
}
