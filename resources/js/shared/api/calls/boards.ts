import { answer, http, within } from '../client'
import type { Board, BoardChange } from '../generated/http'

export const boards = {
  boardFiles: () => answer(http.GET('/board-files')),
  boardFile: (id: number) => answer(http.GET('/board-files/{boardFile}', { params: { path: { boardFile: id } } })),
  changeBoard: (id: number, change: BoardChange) =>
    answer(http.PATCH('/board-files/{boardFile}', { params: { path: { boardFile: id } }, body: change })),
  deleteBoard: (id: number) => answer(http.DELETE('/board-files/{boardFile}', { params: { path: { boardFile: id } } })),
  bringBoardBack: (id: number) =>
    answer(http.POST('/board-files/{deleted}/back', { params: { path: { deleted: id } } })),
  shareBoard: (id: number, instructor: number, on: boolean) => {
    const params = { path: { boardFile: id, instructor } }
    return on
      ? answer(http.PUT('/board-files/{boardFile}/instructors/{instructor}', { params }))
      : answer(http.DELETE('/board-files/{boardFile}/instructors/{instructor}', { params }))
  },
  /** The text of a file goes as it is: what is wrong in it is told by its place. */
  addBoardFile: (text: string) => answer(http.POST('/board-files', { body: text as never, bodySerializer: String })),
  patterns: () => answer(http.GET('/patterns')),
  startDrawing: (what: { practice: Board['practice'] } | { copyOf: number } | { pattern: string }) =>
    answer(http.POST('/drawings', { body: what })),
  /** One version of it is the same for good: the browser keeps it. */
  catalogue: (practice: string, version: string) =>
    answer(http.GET('/catalogues/{practice}/{version}', { params: { path: { practice, version } } })),
  drawing: (id: number) => answer(http.GET('/drawings/{boardFile}', { params: { path: { boardFile: id } } })),
  /** The version that it has now. */
  keepDrawing: (id: number, base: number, board: Board) =>
    answer(http.PUT('/drawings/{boardFile}', { params: { path: { boardFile: id } }, body: { base, board } })),
  reviewDrawing: (board: Board, signal?: AbortSignal) => answer(http.POST('/drawing-looks', { body: board, signal })),
  neutralIn: (board: Board, box: string) =>
    answer(http.POST('/drawing-neutrals', { params: { query: { box } }, body: board })),
  plans: (boardFile: number, edition = '') =>
    answer(
      http.GET('/board-files/{boardFile}/plans', {
        params: { path: { boardFile }, query: { edition } },
        fetch: within(60_000),
      }),
    ),
  plan: (boardFile: number, plan: number, edition = '') =>
    answer(
      http.GET('/board-files/{boardFile}/plans/{plan}', { params: { path: { boardFile, plan }, query: { edition } } }),
    ),
  roomQuestion: (boardFile: number, plan: number, asked: string) =>
    answer(
      http.GET('/board-files/{boardFile}/plans/{plan}/question', {
        params: { path: { boardFile, plan }, query: { asked } },
      }),
    ),
  planPath: (boardFile: number, plan: number, lamp: string, state: number, edition = '', isBack = false) =>
    answer(
      http.GET('/board-files/{boardFile}/plans/{plan}/path', {
        params: { path: { boardFile, plan }, query: { lamp, state: String(state), edition, back: isBack ? '1' : '' } },
      }),
    ),
  materials: (boardFile: number, plan: number, asked: Record<string, string>) =>
    answer(
      http.GET('/board-files/{boardFile}/plans/{plan}/materials', {
        params: { path: { boardFile, plan }, query: asked },
      }),
    ),
  asFound: (boardFile: number, number = 1) =>
    answer(
      http.GET('/board-files/{boardFile}/as-found', {
        params: { path: { boardFile }, query: { number: String(number) } },
      }),
    ),
  keepAsFound: (
    boardFile: number,
    what: ({ lands: Record<string, string>; marks: Record<string, string> } | { wiring: string } | { plan: number }) & {
      number: number
    },
  ) => answer(http.PUT('/board-files/{boardFile}/as-found', { params: { path: { boardFile } }, body: what })),
  asFoundPlan: (boardFile: number, number = 1) =>
    answer(
      http.GET('/board-files/{boardFile}/as-found/plan', {
        params: { path: { boardFile }, query: { number: String(number) } },
        fetch: within(60_000),
      }),
    ),
  keepStockLine: (practice: Board['practice'], part: string, price: string, held: string) =>
    answer(http.PUT('/stock-lines', { body: { practice, part, price: price || null, held: held || null } })),
  /** Every page as it is printed. */
  paperPages: (boardFile: number, plan: number) =>
    answer(
      http.GET('/board-files/{boardFile}/plans/{plan}/pages', {
        params: { path: { boardFile, plan } },
        fetch: within(60_000),
      }),
    ),
  convert: (boardFile: number, to: string) =>
    answer(http.POST('/board-files/{boardFile}/converted', { params: { path: { boardFile } }, body: { to } })),
  taskWords: (boardFile: number) =>
    answer(http.GET('/board-files/{boardFile}/task-words', { params: { path: { boardFile } } })),
}
