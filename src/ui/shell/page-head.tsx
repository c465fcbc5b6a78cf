import type { ReactNode } from 'react'

/** The finding, then one line of what matters, with what can be done beside it. */
export function PageHead({
  title,
  lede,
  children,
}: {
  title: ReactNode
  lede?: ReactNode
  children?: ReactNode
}) {
  return (
    <div className="page-head">
      <div>
        <h1>{title}</h1>
        {lede && <p className="lede">{lede}</p>}
      </div>
      {children && <div className="actions">{children}</div>}
    </div>
  )
}
