/** What the other members of a union have and this one lacks: it can be asked for, and is undefined. */
export type Absent<Keys extends string> = { [Key in Keys]?: undefined }
