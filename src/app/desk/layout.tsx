import type { ReactNode } from 'react'
import { pageDatabase } from '@/http/golfer-of-page'
import { deskSettings } from '@/store/visits'
import { DeskHead } from '@/ui/shared/shell/desk-head'

export const metadata = { title: 'Desk' }
export const dynamic = 'force-dynamic'

export default function DeskLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <DeskHead coach={deskSettings(pageDatabase()).coach} />
      <main>{children}</main>
    </>
  )
}
