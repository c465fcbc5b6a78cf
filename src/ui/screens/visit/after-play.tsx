import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { Went } from '@/core/coach/visit'
import { clubNames } from '@/text/names'
import { day } from '@/text/days'
import {
  followUpLine,
  followUpWords,
  missingSentence,
  offSentence,
  unusedSentence,
  WENT_NAME,
} from '@/text/visits'
import type { AfterPlaySeen, VisitView } from '@/views/visit-view'
import { focusProblem } from '../../shared/focus-problem'
import { lengthMeasure } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { TextField } from '../../shared/form/text-field'
import { Options } from '../../shared/form/options'

type Fields = { missingM: number | null; offId: string; went: Went; unusedId: string; words: string }

/** Four things after play, each beside what the numbers say to it. */
export function AfterPlay({
  view: { golfer, bag, followUp },
  seen: { visit, afterPlay, reference },
}: {
  view: VisitView
  seen: AfterPlaySeen
}) {
  const router = useRouter()
  const { problems, send } = useSubmit()
  const [asking, setAsking] = useState(afterPlay === null)
  const { register, handleSubmit, control } = useForm<Fields>({
    defaultValues: {
      missingM: afterPlay?.missingM ?? null,
      offId: afterPlay?.off?.clubId ?? '',
      went: afterPlay?.off?.went ?? 'short',
      unusedId: afterPlay?.unusedId ?? '',
      words: afterPlay?.words ?? '',
    },
  })
  if (!bag) return null
  const name = clubNames(bag)
  const options = bag.clubs
    .filter(({ kind }) => kind !== 'putter')
    .map((club) => (
      <option key={club.id} value={club.id}>
        {club.name}
      </option>
    ))
  const save = handleSubmit(async ({ missingM, offId, went, unusedId, words }) => {
    if (Number.isNaN(missingM)) return focusProblem()
    const sent = await send('PUT', `/api/visits/${encodeURIComponent(visit.id)}/after-play`, {
      missingM,
      off: offId === '' ? null : { clubId: offId, went },
      unusedId: unusedId || null,
      words: words.trim() || null,
    })
    if (!sent.ok) return
    setAsking(false)
    router.refresh()
  })
  const due = followUp?.visit.id === visit.id ? followUpWords(followUp.state) : null
  return (
    <section className="sheet" aria-label="After play">
      <h2>
        After play <span className="quiet fw-normal">{due}</span>
      </h2>
      {visit.followUp && <p className="quiet px-3 mb-2">To be asked {followUpLine(visit.followUp)}.</p>}
      {afterPlay && !asking ? (
        <div className="px-3 pb-3">
          <dl className="after-play">
            <dt>
              {afterPlay.missingM === null ? 'No distance lacked a club.' : 'A distance that lacked a club'}
            </dt>
            <dd>
              {afterPlay.missingM !== null &&
                (reference?.uncovered
                  ? missingSentence(afterPlay.missingM, reference.uncovered, golfer, name)
                  : 'No carry to compare yet.')}
            </dd>
            <dt>
              {afterPlay.off
                ? `${name(afterPlay.off.clubId)}: ${WENT_NAME[afterPlay.off.went]}`
                : 'Every club went its number.'}
            </dt>
            <dd>
              {afterPlay.off &&
                reference?.off &&
                offSentence(afterPlay.off.clubId, reference.off, golfer, name)}
            </dd>
            <dt>
              {afterPlay.unusedId
                ? `${name(afterPlay.unusedId)}: stayed in the bag`
                : 'No club stayed in the bag.'}
            </dt>
            <dd>
              {afterPlay.unusedId &&
                reference?.unused &&
                unusedSentence(afterPlay.unusedId, reference.unused, name)}
            </dd>
            {afterPlay.words && (
              <>
                <dt>In their words</dt>
                <dd>{afterPlay.words}</dd>
              </>
            )}
          </dl>
          <p className="quiet mb-2">Said {day(afterPlay.enteredMs)}. The numbers are those of today.</p>
          <Button size="sm" variant="outline" onClick={() => setAsking(true)}>
            Edit
          </Button>
        </div>
      ) : (
        <Form className="px-3 pb-3 d-grid gap-3" onSubmit={save} noValidate>
          <NumberOf
            control={control}
            name="missingM"
            label="A distance for which there was no club"
            measure={lengthMeasure(golfer.lengthUnit, 0)}
            limit="distanceM"
            problems={problems}
          />
          <div className="d-flex flex-wrap gap-2 align-items-end">
            <Form.Group controlId="after-off">
              <Form.Label>A club that did not go its number</Form.Label>
              <Form.Select {...register('offId')}>
                <option value="">none</option>
                {options}
              </Form.Select>
            </Form.Group>
            <Form.Select className="w-auto" aria-label="It went" {...register('went')}>
              <Options names={WENT_NAME} />
            </Form.Select>
          </div>
          <Form.Group controlId="after-unused">
            <Form.Label>A club that stayed in the bag</Form.Label>
            <Form.Select className="w-auto" {...register('unusedId')}>
              <option value="">none</option>
              {options}
            </Form.Select>
          </Form.Group>
          <TextField label="And besides, in their words" text="toDo" rows={2} {...register('words')} />
          <Problems of={problems.filter(({ field }) => field !== 'missingM')} />
          <div>
            <Button type="submit">Set it beside the numbers</Button>
          </div>
        </Form>
      )}
    </section>
  )
}
