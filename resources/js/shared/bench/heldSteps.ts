import type { StepEntry } from '@/shared/api/generated/http'

/** A step that the server does not have yet, kept in this browser until it does. */
export interface HeldStep extends StepEntry {
  attempt: number
  device: string
  base: number
}

const STORE = 'steps'

function open(): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open('zwindle', 1)
    request.onupgradeneeded = () =>
      request.result.createObjectStore(STORE, { keyPath: ['attempt', 'device', 'number'] })
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error)
  })
}

async function inStore<T>(mode: IDBTransactionMode, work: (store: IDBObjectStore) => IDBRequest<T>): Promise<T> {
  const database = await open()
  try {
    return await new Promise<T>((resolve, reject) => {
      const transaction = database.transaction(STORE, mode)
      const request = work(transaction.objectStore(STORE))
      transaction.oncomplete = () => resolve(request.result)
      transaction.onerror = () => reject(transaction.error)
      transaction.onabort = () => reject(transaction.error)
    })
  } finally {
    database.close()
  }
}

export const heldSteps = {
  hold: (step: HeldStep) => inStore('readwrite', (store) => store.put(step)),
  release: (attempt: number, device: string, upTo: number) =>
    inStore('readwrite', (store) => store.delete(IDBKeyRange.bound([attempt, device, 0], [attempt, device, upTo]))),
  of: async (attempt: number): Promise<HeldStep[]> =>
    inStore('readonly', (store) => store.getAll(IDBKeyRange.bound([attempt], [attempt, []])) as IDBRequest<HeldStep[]>),
}
