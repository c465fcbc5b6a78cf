import type { Golfer } from '@/core/model/golfer'

/** The head of a phone that is paired for one golfer's Bay: nothing else is there to go to. */
export function BayOnlyHead({ golfer }: { golfer: Golfer }) {
  return (
    <header className="head">
      <span className="name">Banco</span>
      <div className="who ms-auto px-2">
        <b>{golfer.name}</b>
      </div>
    </header>
  )
}
