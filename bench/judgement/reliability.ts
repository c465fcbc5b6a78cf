/** How often what was said with some probability was so, by tenths of the probability. */
export class Reliability {
  readonly bins = Array.from({ length: 10 }, () => ({ n: 0, predicted: 0, so: 0 }))

  add(probability: number, so: boolean): void {
    const bin = this.bins[Math.min(9, Math.floor(probability * 10))]
    if (!bin) return
    bin.n++
    bin.predicted += probability
    if (so) bin.so++
  }

  take(other: Reliability): void {
    this.bins.forEach((bin, i) => {
      const from = other.bins[i]
      if (from)
        Object.assign(bin, {
          n: bin.n + from.n,
          predicted: bin.predicted + from.predicted,
          so: bin.so + from.so,
        })
    })
  }

  /** The mean distance between said and so, each tenth by what it holds. */
  get error(): number {
    const n = this.bins.reduce((sum, bin) => sum + bin.n, 0)
    return this.bins.reduce((sum, { predicted, so }) => sum + Math.abs(predicted - so), 0) / Math.max(1, n)
  }

  /** What was said and what was so, tenth by tenth. */
  get tenths(): { n: number; predicted: number; so: number; se: number }[] {
    return this.bins.map(({ n, predicted, so }) => {
      const share = so / Math.max(1, n)
      return {
        n,
        predicted: predicted / Math.max(1, n),
        so: share,
        se: Math.sqrt((share * (1 - share)) / Math.max(1, n)),
      }
    })
  }
}
