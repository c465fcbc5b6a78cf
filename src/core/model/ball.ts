/** The golfer's own word for a ball. */
export type BallName = string

/** What most golfers hit, by words that need no description. */
export const USUAL_BALLS: readonly BallName[] = ['range ball', 'own ball', 'foam ball']

/** A ball as the golfer describes it. */
export type Ball = { name: BallName; range: boolean; worn: boolean }

/** What is known of a ball that nobody described: its name says whether it is a range ball. */
export const ballNamed = (name: BallName): Ball => ({ name, range: /\brange\b/i.test(name), worn: false })

/** Two names are of one ball, however they are written. */
export const sameBall = (a: BallName, b: BallName): boolean =>
  a.trim().toLowerCase() === b.trim().toLowerCase()

/** The ball of a name among those that were described. */
export const ballOf = (balls: readonly Ball[], name: BallName): Ball =>
  balls.find((ball) => sameBall(ball.name, name)) ?? ballNamed(name)

/** Every ball once, as it was written first. */
export const eachOnce = (names: readonly BallName[]): BallName[] =>
  names.filter((name, i) => names.findIndex((each) => sameBall(each, name)) === i)
