export const stock = 1
