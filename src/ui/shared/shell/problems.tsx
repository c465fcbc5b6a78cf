import type { Problem } from '@/core/problem'

/** What is wrong and how to mend it, read out as soon as it stands there. */
export function Problems({ of, field, id }: { of: Problem[]; field?: string; id?: string }) {
  const here = field === undefined ? of : of.filter((problem) => problem.field.split('.')[0] === field)
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
