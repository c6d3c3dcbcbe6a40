import type { AsFoundBox } from '@/shared/api/generated/http'

/**
 * The boxes with one row changed. Where it goes to a terminal that is full, as a screw for one conductor, the one that is there
 * takes its old place: two that are crossed are written down at once.
 */
export function withChange(
  boxes: readonly AsFoundBox[],
  point: string,
  change: { lands?: string; mark?: string },
): [AsFoundBox[], string] {
  let exchanged = ''
  const changed = boxes.map((box) => {
    const own = box.rows.find((row) => row.point === point)
    if (!own) return box
    const place = box.places?.find(({ id }) => id === change.lands)
    const there = box.rows.filter((row) => row.point !== point && row.lands === change.lands)
    const last = there.at(-1)
    const isFull = place?.takes !== undefined && place.takes !== null && there.length >= place.takes
    const leaves = isFull && own.lands !== '' && last ? last : null
    exchanged = leaves?.name ?? ''
    return {
      ...box,
      rows: box.rows.map((row) =>
        row.point === point ? { ...row, ...change } : row === leaves ? { ...row, lands: own.lands } : row,
      ),
    }
  })
  return [changed, exchanged]
}
