/** What the page needs to know of tables' columns, handed on from where tables are read. */
export { KIND_OF, TABLE_FIELDS, UNITS_OF, type TableField, type TableUnit } from '@/wire/table/columns'
export { setColumn } from '@/wire/table/set-column'
export type { TableColumn } from '@/wire/table/find-columns'
