export const seen = 1
