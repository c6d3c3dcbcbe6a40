/** Why a step cannot be done, in words; the codes come from the bench's rules. */
const REASONS: Record<string, string> = {
  'unknown-place': 'There is no such place in this box.',
  'other-box': 'Those are in different boxes: a joint is made inside one box.',
  'onto-itself': 'It is already in your hand.',
  'already-there': 'It is there already.',
  'not-a-landing': 'A loose end is no landing: take both in hand, then a connector from the tray.',
  'two-terminals': 'Two terminals meet in a connector, by pigtails, not under one screw.',
  'connector-full': 'That connector has no port left. Take a larger one.',
  'one-alone': 'A connector holds two ends at least. Take another one in hand.',
  'already-loose': 'That end is loose already.',
  'not-an-end': 'Only the end of a conductor takes a cap, tape or sleeve.',
  'nothing-to-undo': 'There is nothing to undo.',
  'nothing-to-redo': 'There is nothing to redo.',
  live: 'The board is live. Isolate, lock off and prove it dead: hands go into a dead board.',
  'handed-in': 'This board is handed in: it stays as it is.',
}

export function reasonFor(code: string): string {
  return REASONS[code] ?? 'That cannot be done here.'
}
