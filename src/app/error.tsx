'use client'

import { PlainHead } from '@/ui/shared/shell/plain-head'

export default function Failed({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <>
      <PlainHead />
      <main>
        <h1>Banco could not show this page</h1>
        <p className="lede">{error.message} Shots that were taken are safe in the data folder.</p>
        <button type="button" className="btn btn-primary" onClick={reset}>
          Try again
        </button>
      </main>
    </>
  )
}
