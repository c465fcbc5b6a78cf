'use client'

import { SlidersHorizontal } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'

/** The finding, then one line of what matters, with what can be done beside it. */
export function PageHead({
  title,
  lede,
  choices,
  isWhole = false,
  children,
}: {
  title: ReactNode
  lede?: ReactNode
  /** How the numbers are made and judged: in the open on a desk, behind one button on a phone. */
  choices?: ReactNode
  /** The line is what the page is for: it is never cut, on a phone either. */
  isWhole?: boolean
  children?: ReactNode
}) {
  const [open, setOpen] = useState(false)
  const [whole, setWhole] = useState(false)
  return (
    <div className="page-head">
      <div>
        <h1>{title}</h1>
        {lede && (
          <>
            <p className={`lede ${whole || isWhole ? 'whole' : ''}`}>{lede}</p>
            {!isWhole && (
              <button
                type="button"
                className="lede-more"
                aria-expanded={whole}
                onClick={() => setWhole(!whole)}
              >
                {whole ? 'less' : 'more'}
              </button>
            )}
          </>
        )}
      </div>
      {(children || choices) && (
        <div className="actions">
          {choices && (
            <>
              <Button
                variant="outline"
                className="choices-ask"
                aria-expanded={open}
                onClick={() => setOpen(!open)}
              >
                <SlidersHorizontal size={16} aria-hidden /> Rules
              </Button>
              <div className={`choices ${open ? 'open' : ''}`}>{choices}</div>
            </>
          )}
          {children}
        </div>
      )}
    </div>
  )
}
