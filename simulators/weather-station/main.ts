import { createServer } from 'node:http'
import { parseArgs } from 'node:util'
import { PLACES, weatherAt } from './weather'

const USAGE = `The simulated weather station: answers GET /weather with the air of a made-up place (docs/weather.md).

  npm run weather -- [options]

  --place NAME   ${PLACES.map(({ name }) => `"${name}"`).join(', ')} (the first unless set)
  --seed N       the same seed has the same weather at the same minute (1)
  --port N       where it listens on this machine (4615)`

const { values } = parseArgs({
  options: {
    place: { type: 'string', default: PLACES[0].name },
    seed: { type: 'string', default: '1' },
    port: { type: 'string', default: '4615' },
    help: { type: 'boolean', default: false },
  },
})
if (values.help) {
  console.log(USAGE)
  process.exit(0)
}
const wanted = values.place.toLowerCase()
const shown = PLACES.find(({ name }) => name.toLowerCase().startsWith(wanted))
if (!shown) {
  console.error(
    `There is no weather station at "${values.place}". There are: ${PLACES.map(({ name }) => name).join(', ')}.`,
  )
  process.exit(2)
}
const port = wholeNumber('port', values.port)
const seed = wholeNumber('seed', values.seed)

const server = createServer((request, response) => {
  const found = request.method === 'GET' && request.url === '/weather'
  response.writeHead(found ? 200 : 404, { 'Content-Type': 'application/json' })
  response.end(
    JSON.stringify(
      found
        ? { format: 'banco-weather-1', ...weatherAt(shown, seed, Date.now()) }
        : { problem: 'There is only GET /weather here.' },
    ),
  )
})
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken: stop what listens there, or choose another with --port.`
      : error.message,
  )
  process.exit(1)
})
server.listen(port, '127.0.0.1', () =>
  console.log(`The weather of ${shown.name} is at http://127.0.0.1:${port}/weather`),
)

function wholeNumber(name: string, text: string): number {
  const value = Number(text)
  if (Number.isInteger(value) && value >= 0 && value < 65536) return value
  console.error(`--${name} must be a whole number from 0 to 65535, and is "${text}".`)
  process.exit(2)
}
