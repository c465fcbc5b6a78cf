import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'

/** Whose shots the stocks are made of: all monitors', or those that one measured. */
export function MonitorChoice({ home, names, only }: { home: string; names: string[]; only: string | null }) {
  const router = useRouter()
  if (names.length < 2) return null
  return (
    <Form.Select
      size="sm"
      className="w-auto"
      aria-label="Whose shots"
      value={only ?? ''}
      onChange={({ target }) =>
        router.push(
          `${home}/stock${target.value ? `?${new URLSearchParams({ monitor: target.value })}` : ''}`,
        )
      }
    >
      <option value="">every monitor</option>
      {names.map((name) => (
        <option key={name} value={name}>
          only {name}
        </option>
      ))}
    </Form.Select>
  )
}
