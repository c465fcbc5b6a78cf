/** The cookie that says which golfer was looked at last in this browser. */
export const LAST_GOLFER = 'banco-golfer'
/** What it says where the desk was looked at last. */
export const DESK_PLACE = 'desk'
