/** What the ball lies on. */
export const SURFACES = ['mat', 'grass', 'rough'] as const
export type Surface = (typeof SURFACES)[number]

/** What a golfer's stocks can stand for where a station was hit off both. */
export const STOCK_SURFACES = ['mat', 'grass'] as const satisfies readonly Surface[]
export type StockSurface = (typeof STOCK_SURFACES)[number]
export const isStockSurface = (surface: unknown): surface is StockSurface =>
  STOCK_SURFACES.some((each) => each === surface)
