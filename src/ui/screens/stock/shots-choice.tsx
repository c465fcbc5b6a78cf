import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import { choicesIn, OFF_SURFACE } from '@/text/names'
import type { StockView } from '@/views/stock-view'

type Props = { home: string } & Pick<StockView, 'monitors' | 'surfaces' | 'only'>

/** What the stocks are made of: all shots, those that one monitor measured, or those off one surface. */
export function ShotsChoice({ home, monitors, surfaces, only }: Props) {
  const router = useRouter()
  const choices = [
    ...(monitors.length > 1
      ? monitors.map((name) => ({ name: `only ${name}`, asks: { monitor: name } }))
      : []),
    ...(surfaces
      ? choicesIn(OFF_SURFACE).map(([off, where]) => ({ name: `only ${where}`, asks: { off } }))
      : []),
  ].map(({ name, asks }) => ({ name, query: new URLSearchParams(asks).toString() }))
  if (choices.length === 0) return null
  const now = new URLSearchParams({
    ...(only.monitor !== null && { monitor: only.monitor }),
    ...(only.surface !== null && { off: only.surface }),
  }).toString()
  return (
    <Form.Select
      size="sm"
      className="w-auto"
      aria-label="Which shots"
      value={now}
      onChange={({ target }) => router.push(`${home}/stock${target.value ? `?${target.value}` : ''}`)}
    >
      <option value="">all shots</option>
      {choices.map(({ name, query }) => (
        <option key={query} value={query}>
          {name}
        </option>
      ))}
    </Form.Select>
  )
}
