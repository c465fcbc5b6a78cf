/** Where monitors' shots go, as one open Bay sees it; a monitor without a name is ''. */
export type Receiving = {
  here: string[]
  elsewhere: { monitor: string; golfer: string }[]
  /** Nobody takes their shots: they wait. */
  nowhere: string[]
}
