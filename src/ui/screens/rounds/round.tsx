'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Lie, RoundShot } from '@/core/rounds/round'
import { FULL_SWING, type Swing } from '@/core/model/station'
import { day } from '@/text/days'
import { LIE_NAME, roundTitle, shotLine } from '@/text/rounds'
import { choicesIn, shortSwing, swingName } from '@/text/names'
import { count } from '@/text/numbers'
import type { RoundView } from '@/views/round-view'
import { measuresOf } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { newShotId, useRound } from './use-round'
import { MendShot } from './mend-shot'
import styles from './rounds.module.css'

/** A round, shot by shot: one tap for the club, digits for what is left, one tap for the lie. */
export function Round({ golfer, bag, clubs, round }: RoundView) {
  const router = useRouter()
  const { problems: wrong, submit } = useSubmit()
  const { shots, canUndo, waiting, waits, problems, say, undo, discard } = useRound(round)
  const [leftM, setLeftM] = useState<number | null>(null)
  const [lie, setLie] = useState<Lie | null>(shots.length === 0 ? 'tee' : null)
  /** The first lie of a round is chosen beforehand: a tap on it chooses it, and does not take it back. */
  const [preset, setPreset] = useState(shots.length === 0)
  const [swing, setSwing] = useState<Swing>(FULL_SWING)
  const [mended, mend] = useState<string | null>(null)
  const home = `/golfers/${golfer.id}`
  const name = (shot: RoundShot) => clubs.find(({ id }) => id === shot.clubId)?.name ?? 'a club that is gone'
  const hit = (clubId: RoundShot['clubId']) => {
    if (Number.isNaN(leftM)) return
    say([{ id: newShotId(), clubId, swing, leftM, afterM: null, carryM: null, lie }])
    setLeftM(null)
    setLie(null)
    setSwing(FULL_SWING)
  }
  const change = (of: object) => submit('PATCH', `/api/rounds/${encodeURIComponent(round.id)}`, of)
  return (
    <div className={styles.screen}>
      <PageHead
        title={roundTitle(shots.length, round)}
        lede={
          <>
            {day(round.openedMs)}
            {round.competition && '. A competition round: until its day is over only the plain card is shown'}
            . A shot is one tap on its club; what was left and the lie come before it, where you like.
          </>
        }
      >
        <Button variant="outline" onClick={undo} disabled={!canUndo}>
          Undo
        </Button>
        <Link className="btn btn-outline" href={`${home}/rounds`}>
          All rounds
        </Link>
      </PageHead>
      {waiting > 0 && (
        <p role="status" className="quiet">
          {count(waiting, 'entry', 'entries')} not sent yet, saved in this browser
          {waits && ': Banco does not answer just now, and is asked again'}.
        </p>
      )}
      {problems.length > 0 && (
        <div className="sheet p-3 mb-3">
          <Problems of={problems} />
          {waiting > 0 && (
            <Button variant="outline" onClick={discard}>
              Discard unsent entries
            </Button>
          )}
        </div>
      )}
      <div className="round">
        <section className="sheet next-shot" aria-label="The next shot">
          <div className="before">
            <NumberField
              label="Left to the target"
              measure={measuresOf(golfer).carry}
              value={leftM}
              example="148"
              limit="leftM"
              onChange={setLeftM}
            />
            <div className="chips" role="group" aria-label="The lie">
              {choicesIn(LIE_NAME).map(([each, lieName]) => (
                <Button
                  key={each}
                  variant="outline"
                  aria-pressed={lie === each}
                  onClick={() => {
                    setLie(lie === each && !preset ? null : each)
                    setPreset(false)
                  }}
                >
                  {lieName}
                </Button>
              ))}
            </div>
            {golfer.swings.length > 1 && (
              <div className="chips" role="group" aria-label="The swing">
                {golfer.swings.map((each) => (
                  <Button
                    key={each}
                    variant="outline"
                    aria-label={swingName(each)}
                    aria-pressed={swing === each}
                    onClick={() => setSwing(each)}
                  >
                    {each === FULL_SWING ? 'full' : shortSwing(each)}
                  </Button>
                ))}
              </div>
            )}
          </div>
          <div className="clubs" role="group" aria-label="The club: a tap is a shot">
            {bag.clubs
              .filter(({ kind }) => kind !== 'putter')
              .map(({ id, name: club }) => (
                <Button key={id} variant="outline" onClick={() => hit(id)}>
                  {club}
                </Button>
              ))}
          </div>
        </section>
        <section className="sheet" aria-label="The shots">
          {shots.length === 0 ? (
            <p className="quiet p-3 mb-0">Tap a club to enter the first shot.</p>
          ) : (
            <ol className="round-shots" reversed>
              {shots
                .map((shot, i) => ({ shot, i }))
                .reverse()
                .map(({ shot, i }) => (
                  <li key={shot.id}>
                    <button
                      type="button"
                      aria-expanded={mended === shot.id}
                      onClick={() => mend(mended === shot.id ? null : shot.id)}
                    >
                      <span className="quiet num">{i + 1}</span> <b>{name(shot)}</b>{' '}
                      <span>{shotLine(shot, golfer)}</span>
                    </button>
                    {mended === shot.id && (
                      <MendShot
                        golfer={golfer}
                        clubs={bag.clubs}
                        shot={shot}
                        onSay={(next) => {
                          say([next])
                          mend(null)
                        }}
                      />
                    )}
                  </li>
                ))}
            </ol>
          )}
        </section>
      </div>
      <div className="d-flex flex-wrap gap-2 mt-3">
        <Button variant="outline" onClick={() => change({ competition: !round.competition })}>
          {round.competition ? 'It is no competition round' : 'It is a competition round'}
        </Button>
        <Button
          variant="outline"
          onClick={async () => {
            if (await change({ removed: true }))
              router.push(`${home}/rounds?removed=${encodeURIComponent(round.id)}`)
          }}
        >
          Remove this round
        </Button>
      </div>
      <Problems of={wrong} />
    </div>
  )
}
