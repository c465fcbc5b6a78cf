/** The cookie that says which golfer was looked at last in this browser. */
export const LAST_GOLFER = 'banco-golfer'
