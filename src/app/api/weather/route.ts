import { refuse, Refusal, route } from '@/http/route'
import { readWeather } from '@/formats/weather'

const ADDRESS = process.env.BANCO_WEATHER ?? 'http://127.0.0.1:4615/weather'
const PATIENCE_MS = 2000

/** Asks the weather station, once and only when told to (docs/weather.md). */
export const POST = route(async () => {
  const text = await fetch(ADDRESS, { signal: AbortSignal.timeout(PATIENCE_MS) }).then(
    (response) => (response.ok ? response.text() : null),
    () => null,
  )
  if (text === null)
    return refuse(
      424,
      'air',
      `No weather station answers at ${ADDRESS}: start it (npm run weather), or type the air yourself.`,
    )
  const read = readWeather(text)
  if (!read.ok) throw new Refusal(424, read.problems)
  return Response.json(read.value)
})
