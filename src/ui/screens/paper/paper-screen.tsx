'use client'

import Link from 'next/link'
import { useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import { card, CARD_SIZES, lineName, type CardData, type CardSize } from '@/draw/card'
import { count } from '@/text/numbers'
import { Svg } from '../../shared/drawing/svg-drawing'
import { PageHead } from '../../shared/shell/page-head'
import styles from './paper.module.css'
import { pictureOf } from './picture-of'

/** The plain card, or the one of the golfer's day. */
type CardKind = 'card' | 'day'
const KIND: Record<CardKind, { name: string; mayBeUsed: string }> = {
  card: {
    name: 'plain',
    mayBeUsed:
      'A number with * was set by hand. The card gives carries and no advice: it may be used in a round.',
  },
  day: {
    name: 'of the day',
    mayBeUsed:
      'What the day adds is modelled. In a competition round take the plain card: Rule 4.3 bars advice from wind and slope, and local rules decide.',
  },
}
/** Pixels of the picture for each of the drawing's: sharp on a phone. */
const SHARP = 3

/** What can be printed: the yardage card in several sizes, labels for the shafts, the report. */
export function PaperScreen({ golfer, data, kind }: { golfer: Golfer; data: CardData; kind: CardKind }) {
  const sheet = useRef<HTMLDivElement>(null)
  const [size, setSize] = useState<CardSize>('pocket')
  const drawing = card(data, size)
  const save = async () => {
    const svg = sheet.current?.querySelector('svg')
    const picture = svg && (await pictureOf(svg, SHARP))
    if (!picture) return
    const link = Object.assign(document.createElement('a'), {
      href: URL.createObjectURL(picture),
      download: `${kind}-${size}.png`,
    })
    link.click()
    URL.revokeObjectURL(link.href)
  }
  const pdf = (paper: string) => `/api/golfers/${golfer.id}/paper?kind=${paper}`
  const hit = data.lines.filter(({ carry }) => carry !== '–').length
  return (
    <div className={styles.screen}>
      <PageHead
        title={
          kind === 'day'
            ? `The card of the day, ${count(data.lines.length, 'line')}`
            : `A card of ${count(data.lines.length, 'line')}`
        }
        lede={
          hit < data.lines.length
            ? `${data.lines.length - hit} of its clubs are not hit yet: their lines are empty.`
            : 'Every number has its interval. The notes on the card tell what it is for.'
        }
      >
        <a className="btn btn-outline" href={pdf('report')} target="_blank" rel="noreferrer">
          The report
        </a>
        <a className="btn btn-outline" href={pdf('labels')} target="_blank" rel="noreferrer">
          Shaft labels
        </a>
        <a className="btn btn-primary" href={pdf(`${kind}-${size}`)} target="_blank" rel="noreferrer">
          The card as PDF
        </a>
      </PageHead>
      <div className="paper-bench">
        <section className="sheet" aria-label="The card">
          <div ref={sheet}>
            <Svg
              drawing={drawing}
              says={`${data.title}. ${data.notes.join('. ')}. ${data.lines.map((line) => `${lineName(line)} ${line.carry} ${line.plusMinus && `± ${line.plusMinus}`}`).join(', ')}.`}
            />
          </div>
        </section>
        <div className="d-grid gap-2 no-print">
          <div className="btns" role="group" aria-label="Which card">
            {(['card', 'day'] as const).map((each) => (
              <Link
                key={each}
                className="btn btn-outline"
                href={`/golfers/${golfer.id}/paper${each === 'day' ? '?card=day' : ''}`}
                aria-current={each === kind ? 'page' : undefined}
              >
                {KIND[each].name}
              </Link>
            ))}
          </div>
          <Form.Group controlId="card-size">
            <Form.Label>Size</Form.Label>
            <Form.Select value={size} onChange={(event) => setSize(event.target.value as CardSize)}>
              {Object.entries(CARD_SIZES).map(([each, { name }]) => (
                <option key={each} value={each}>
                  {name}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
          <Button variant="outline" onClick={save}>
            Save it as a picture
          </Button>
          <Button variant="outline" onClick={() => window.print()}>
            Print it
          </Button>
          <p className="quiet mb-0">Print PDFs at their actual size. {KIND[kind].mayBeUsed}</p>
        </div>
      </div>
    </div>
  )
}
