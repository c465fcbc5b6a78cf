/** What the page needs to know of tables' columns, handed on from where tables are read. */
export { KIND_OF, TABLE_FIELDS, UNITS_OF, type ShotField, type TableUnit } from '@/formats/table/columns'
export { setColumn } from '@/formats/table/set-column'
export type { TableColumn } from '@/formats/table/find-columns'
