import { queryOf } from './client'

/** What is printed on; what is left out is as usual. */
export interface PaperSheet {
  size: string
  boards: number
  isDuplex: boolean
  /** Ready-cut labels, and nothing else. */
  labels: string
  firstLabel: number
}

const sheetQuery = ({ size = '', boards = 1, isDuplex = false, labels = '', firstLabel = 1 }: Partial<PaperSheet>) => ({
  size,
  boards: boards > 1 ? String(boards) : '',
  sides: isDuplex ? '2' : '',
  labels,
  first: labels && firstLabel > 1 ? String(firstLabel) : '',
})

const at = (path: string, asked: Record<string, string> = {}) => {
  const query = queryOf(asked)
  return `/api/${path}${query ? `?${query}` : ''}`
}

/** Addresses of pages, tables, files and pictures that a browser opens or stores by itself. */
export const downloads = {
  photograph: (attempt: number, id: number) => at(`attempts/${attempt}/photographs/${id}`),
  lateActOf: (attempt: number, id: number) => at(`attempts/${attempt}/late-acts/${id}`),
  faultCards: (boardFile: number, seats: number, seed: string) =>
    at(`board-files/${boardFile}/fault-cards`, { seats: String(seats), seed }),
  /** One of the lists as a table. */
  tableOf: (boardFile: number, plan: number, csv: string, asked: Record<string, string>) =>
    at(`board-files/${boardFile}/plans/${plan}/materials`, { ...asked, csv }),
  /** A plan as a file that the commands take, or as a drawing. */
  fileOf: (boardFile: number, plan: number, as: 'board' | 'wiring' | 'spice' | 'svg' | 'blank-svg', edition: string) =>
    at(`board-files/${boardFile}/plans/${plan}/file`, { as, edition }),
  /** Printed pages as a PDF; all of them without a wish. */
  paperOf: (boardFile: number, plan: number, pages: readonly string[] = [], sheet: Partial<PaperSheet> = {}) =>
    at(`board-files/${boardFile}/plans/${plan}/paper`, { pages: pages.join(), ...sheetQuery(sheet) }),
  /** One page a seat as a PDF: what is asked there, or how it is wired. */
  seatPaperOf: (assignment: number, pages: 'sheets' | 'keys', sheet: Partial<PaperSheet> = {}) =>
    at(`assignments/${assignment}/paper`, { pages, ...sheetQuery(sheet) }),
  eveningPaperOf: (id: number, page: string) => at(`evenings/${id}/paper`, { page }),
  markSheetOf: (assignment: number, as: 'pdf' | 'csv', attempt = '') =>
    at(`assignments/${assignment}/mark-sheet`, { as, attempt }),
  /** The marks of a class over a term, as one table. */
  termTableOf: (classroom: number, from = '', to = '') => at(`classrooms/${classroom}/mark-table`, { from, to }),
  /** What was tried, as a wiring file. */
  fileOfTry: (attempt: number) => at(`tries/${attempt}/file`),
  testSheetPaper: (attempt: number) => at(`attempts/${attempt}/proof/paper`),
}
