import { KIND_OF, UNITS_OF, type TableField, type TableUnit } from './columns'
import type { TableColumn } from './find-columns'

/** A column with another field or unit, as the golfer sets it. */
export function setColumn(
  columns: readonly TableColumn[],
  at: number,
  field: TableField | null,
  unit: TableUnit | null,
): TableColumn[] {
  return columns.map((column, i) => {
    // A field is held by one column.
    if (i !== at)
      return field !== null && column.field === field ? { ...column, field: null, unit: null } : column
    const units = field === null ? [] : UNITS_OF[KIND_OF[field]]
    return {
      ...column,
      field,
      unit: unit !== null && units.includes(unit) ? unit : (units[0] ?? null),
      guessed: false,
    }
  })
}
