import { choicesIn } from '@/text/names'

/** What a select offers: each value of a table of names, in its order. */
export const Options = <Key extends string>({ names }: { names: Record<Key, string> }) =>
  choicesIn(names).map(([value, name]) => (
    <option key={value} value={value}>
      {name}
    </option>
  ))
