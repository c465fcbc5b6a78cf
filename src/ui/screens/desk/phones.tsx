'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import { timeOfDay } from '@/text/days'
import { count } from '@/text/numbers'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import styles from './desk.module.css'

type Paired = {
  id: string
  /** Null: all of Banco. */
  golferId: string | null
  device: string
  address: string
  sinceMs: number
  untilMs: number
  lastMs: number
}
type Network = {
  addresses: string[]
  words: string
  isOfStart: boolean
  picture: string
  paired: Paired[]
  failed: { atMs: number; address: string }[]
  isEncrypted: boolean
}
type Props = { network: Network | null; golfers: Pick<Golfer, 'id' | 'name'>[] }

/** Phones and tablets of the network: how one is paired, which are, and who tried in vain. */
export function Phones({ network, golfers }: Props) {
  const router = useRouter()
  const { problems, send, submit } = useSubmit()
  const [golferId, setGolferId] = useState('')
  if (!network)
    return (
      <PageHead
        title="No phone yet"
        lede="Banco is on this machine alone. Start it with “npm start -- --network” and this page shows the passcode with which a phone in the bay is paired."
      />
    )
  const { addresses, words, isOfStart, picture, paired, failed, isEncrypted } = network
  const nameOf = (id: string) => golfers.find((golfer) => golfer.id === id)?.name ?? 'a golfer'
  const make = async () => {
    const sent = await send<{ words: string }>('POST', '/api/pairings', { golferId: golferId || null })
    if (sent.ok) router.replace(`/desk/phones?words=${encodeURIComponent(sent.value.words)}`)
  }
  return (
    <div className={styles.screen}>
      <PageHead
        title={paired.length === 0 ? 'Pair a phone' : `${count(paired.length, 'phone')} paired`}
        lede="Point its camera at the picture, or open the address and type the five words. It stays paired for 12 hours, or until you end it here."
      />
      {!isEncrypted && (
        <p className="sheet warnings">
          Without a certificate nothing is encrypted on the way: somebody on the same network who listens
          could read golfers and shots, and act as a phone that is paired; and no phone opens Banco without
          the network, which its browser allows in secure places alone. Start Banco with --cert and --key
          where you do not know who is on it.
        </p>
      )}
      <div className="phones">
        <section className="sheet p-3" aria-label="The passcode">
          {/* eslint-disable-next-line @next/next/no-img-element -- made on this machine, for this page */}
          <img
            src={picture}
            alt={`Picture code of ${addresses[0]} with the passcode`}
            width={260}
            height={260}
          />
          <p className="words num mt-2 mb-1">{words}</p>
          <p className="quiet mb-0">
            at {addresses.join(', ')}.{' '}
            {isOfStart
              ? 'For all of Banco, as long as it runs.'
              : 'For one phone, within a quarter of an hour.'}
          </p>
        </section>
        <div className="d-grid gap-3">
          <section className="sheet p-3" aria-label="Another passcode">
            <h2 className="mb-2">For one phone</h2>
            <div className="d-flex flex-wrap gap-2">
              <Form.Select
                className="w-auto"
                aria-label="What it may have"
                value={golferId}
                onChange={({ target }) => setGolferId(target.value)}
              >
                <option value="">all of Banco</option>
                {golfers.map(({ id, name }) => (
                  <option key={id} value={id}>
                    only the Bay of {name}
                  </option>
                ))}
              </Form.Select>
              <Button onClick={make}>Make its passcode</Button>
            </div>
            <Problems of={problems} />
          </section>
          <section className="sheet" aria-label="Paired">
            <h2>Paired</h2>
            <ul className="plain-list">
              {paired.map((each) => (
                <li key={each.id}>
                  <span>
                    <b>{each.golferId === null ? 'All of Banco' : `Bay of ${nameOf(each.golferId)}`}</b>
                    <span className="quiet d-block">
                      {each.address}, since {timeOfDay(each.sinceMs)}, until {timeOfDay(each.untilMs)}; last
                      heard of {timeOfDay(each.lastMs)}
                    </span>
                    <span className="quiet d-block device">{each.device}</span>
                  </span>
                  <Button
                    size="sm"
                    variant="outline"
                    onClick={() => void submit('DELETE', `/api/pairings/${each.id}`)}
                  >
                    End it
                  </Button>
                </li>
              ))}
              {paired.length === 0 && <li className="quiet">Nobody.</li>}
            </ul>
          </section>
          <section className="sheet" aria-label="Wrong passcodes">
            <h2>Wrong passcodes</h2>
            <ul className="plain-list">
              {failed.slice(0, 12).map(({ atMs, address }, i) => (
                <li key={`${atMs} ${i}`}>
                  <span>
                    {timeOfDay(atMs)} from {address}
                  </span>
                </li>
              ))}
              {failed.length === 0 && <li className="quiet">None.</li>}
              {failed.length > 12 && <li className="quiet">and {failed.length - 12} before.</li>}
            </ul>
          </section>
        </div>
      </div>
    </div>
  )
}
