export const analyseBag = (): number => 1
