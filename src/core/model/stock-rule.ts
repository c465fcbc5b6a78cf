/** The rules behind a stock that a golfer can check with a pencil, and the model's own. */
const PENCIL_RULES = ['mean-solid', 'median-solid', 'best-n-of-m', 'mean-all', 'reliable'] as const
export const STOCK_RULES = [...PENCIL_RULES, 'model'] as const
export type PencilRule = (typeof PENCIL_RULES)[number]
export type StockRule = (typeof STOCK_RULES)[number]
