import { say } from '@/shared/words/say'
/** Why a step cannot be done, in words; the codes come from the bench's rules. */
const REASONS: Record<string, string> = {
  'unknown-place': say('shared.there-is-no-such-place'),
  'other-box': say('shared.those-are-in-different-boxes'),
  'onto-itself': say('shared.youre-already-holding-that'),
  'already-there': say('shared.it-is-already-connected-there'),
  'not-a-landing': say('shared.to-join-wires-pick-up'),
  'two-terminals': say('shared.to-join-two-screws-use'),
  'connector-full': say('shared.that-connector-is-full-use'),
  'one-alone': say('shared.a-connector-needs-at-least'),
  'already-loose': say('shared.that-wire-is-already-loose'),
  'not-an-end': say('shared.only-a-wire-can-be'),
  'nothing-to-undo': say('shared.there-is-nothing-to-undo'),
  'nothing-to-redo': say('shared.there-is-nothing-to-redo'),
  live: say('shared.the-board-is-live-isolate'),
  'handed-in': say('shared.this-board-is-handed-in'),
}

export function reasonFor(code: string): string {
  return REASONS[code] ?? say('shared.you-cant-do-that-here')
}
