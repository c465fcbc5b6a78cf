/** Letters that sound alike or look alike to nobody: four of them make a word that can be said and typed. */
const FIRST = 'bdfghklmnprstvwz'
const SECOND = 'aeio'
const SYLLABLES_OF_WORD = 2
const WORDS = 5
/** Each syllable is one of 16 times 4. */
const BITS_OF_SYLLABLE = 6
/** How much nobody can guess of a passcode, in bits. */
export const PASSCODE_BITS = WORDS * SYLLABLES_OF_WORD * BITS_OF_SYLLABLE
/** So many random bytes make one, a byte for a syllable. */
export const PASSCODE_BYTES = WORDS * SYLLABLES_OF_WORD

/**
 * A passcode of five words: "kalo bemi tafo ruza nobi".
 * @param bytes random ones, as many as a passcode needs
 * @throws RangeError with fewer
 */
export function passcodeFrom(bytes: Uint8Array): string {
  if (bytes.length < PASSCODE_BYTES) throw new RangeError(`a passcode needs ${PASSCODE_BYTES} random bytes`)
  const syllables = Array.from(bytes.subarray(0, PASSCODE_BYTES), (byte) => {
    const value = byte % 64
    return `${FIRST[value >> 2]}${SECOND[value & 3]}`
  })
  return Array.from({ length: WORDS }, (_, i) =>
    syllables.slice(i * SYLLABLES_OF_WORD, (i + 1) * SYLLABLES_OF_WORD).join(''),
  ).join(' ')
}

/** A passcode as it is compared: however its words are parted and written. */
export const plainPasscode = (typed: string): string => typed.toLowerCase().replace(/[^a-z]/g, '')
