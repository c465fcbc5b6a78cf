import { dataNow } from '@/http/golfer-of-page'
import { networkAddresses } from '@/http/gateway/network-addresses'
import { thePairings } from '@/http/gateway/pairings'
import { pictureCode } from '@/http/gateway/picture-code'
import { allGolfers } from '@/store/golfers'
import { Phones } from '@/ui/screens/desk/phones'

export const metadata = { title: 'Phones' }

type Props = { searchParams: Promise<{ words?: string | string[]; for?: string | string[] }> }

export default async function PhonesPage({ searchParams }: Props) {
  const [db, nowMs] = dataNow()
  const golfers = allGolfers(db).map(({ id, name }) => ({ id, name }))
  const pairings = thePairings()
  const addresses = networkAddresses()
  const [first] = addresses
  if (!pairings || !first) return <Phones network={null} golfers={golfers} />
  const { paired, failed, start } = pairings.list(nowMs)
  const { words } = await searchParams
  const shown = typeof words === 'string' && /^[a-z ]{20,60}$/.test(words) ? words : start.words
  return (
    <Phones
      network={{
        addresses,
        words: shown,
        isOfStart: shown === start.words,
        picture: await pictureCode(`${first}/pair#${shown.replaceAll(' ', '-')}`),
        paired: paired.map(({ id, scope, device, address, sinceMs, untilMs, lastMs }) => ({
          ...{ id, device, address, sinceMs, untilMs, lastMs },
          golferId: scope.kind === 'bay' ? scope.golferId : null,
        })),
        failed,
        isEncrypted: first.startsWith('https:'),
      }}
      golfers={golfers}
    />
  )
}
