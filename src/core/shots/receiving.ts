/** Where monitors' shots go, as one open Bay sees it; a monitor without a name is ''. */
export type Receiving = {
  here: string[]
  /** Those of `here` that only watch: another one takes the shots. */
  watching: string[]
  elsewhere: { monitor: string; golfer: string }[]
  /** Nobody takes their shots: they wait. */
  nowhere: string[]
}
