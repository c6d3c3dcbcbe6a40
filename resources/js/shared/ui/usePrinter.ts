import { useLocalStorage } from '@vueuse/core'
import type { PaperSheet } from '@/shared/api/downloads'

/** The printer and its paper, the same tomorrow as today; an empty size is the one that is usual where the board hangs. */
export const usePrinter = () =>
  useLocalStorage<Pick<PaperSheet, 'size' | 'isDuplex' | 'labels'>>(
    'zwindle-paper',
    { size: '', isDuplex: false, labels: 'letter-30' },
    { mergeDefaults: true },
  )
