import type { Table } from './read-table'
import type { TableColumn } from './find-columns'
import { KIND_OF, TABLE_FIELDS, UNITS_OF, type TableField, type TableUnit } from './columns'

/** What each column of a table holds. */
export type ColumnChoice = { field: TableField | null; unit: TableUnit | null }

const MOST = 4000

/** What files of one kind have in common: the titles of their columns, in order. */
export const shapeOf = (columns: readonly TableColumn[]): string =>
  (columns.map(({ title }) => title.toLowerCase()).join(' | ') || 'no titles').slice(0, MOST)

/** A table with its columns as the golfer set them for files of this shape; as found where they do not fit. */
export function withChoice(table: Table, choice: readonly ColumnChoice[] | undefined): Table {
  if (!choice || choice.length !== table.columns.length || !choice.every(isChoice)) return table
  return {
    ...table,
    columns: table.columns.map((column, i) => ({
      ...column,
      // Which of day and month comes first is asked for each file anew, unless its dates tell.
      ...(column.field === 'date' && choice[i]?.field === 'date' && choice[i]?.unit === null
        ? {}
        : (choice[i] as ColumnChoice)),
      guessed: false,
    })),
  }
}

const isChoice = ({ field, unit }: ColumnChoice): boolean =>
  field === null
    ? unit === null
    : (TABLE_FIELDS as readonly string[]).includes(field) &&
      (unit === null || unit === 'ms' || UNITS_OF[KIND_OF[field]].includes(unit))
