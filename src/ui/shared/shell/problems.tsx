import type { Problem } from '@/core/model/problem'

const at = (of: Problem[], field: string): Problem[] =>
  of.filter((problem) => problem.field.split('.')[0] === field)

/** What is wrong with one field. */
export const sentencesOf = (of: Problem[], field: string): string[] =>
  at(of, field).map(({ sentence }) => sentence)

/** What is wrong and how to mend it, read out as soon as it stands there. */
export function Problems({ of, field, id }: { of: Problem[]; field?: string; id?: string }) {
  const here = field === undefined ? of : at(of, field)
  return (
    <div role="alert" id={id}>
      {here.map((problem) => (
        <p key={problem.field + problem.sentence} className="problem">
          {problem.sentence}
        </p>
      ))}
    </div>
  )
}
