import { say } from '@/shared/words/say'
import { computed, type Ref, ref, shallowRef, watch } from 'vue'
import type { BoardLook, Enclosure, Step } from '@/shared/api/generated/http'
import { apply, bareBench, type BenchState, placesOf, StepDoesNotFit } from '@/shared/bench/bench'
import { isBack } from '@/shared/bench/stepLog'
import { useHand } from '@/shared/hand/useHand'
import { useKeys } from '@/shared/hand/useKeys'
import type { useProof } from './useProof'

const NOWHERE: Enclosure = { id: '', label: '', kind: '', metal: false, at: null, earth: null, ends: [], devices: [] }
const EMPTY: BoardLook = { enclosures: [], cables: [], tray: [], marks: [], words: {} as BoardLook['words'] }

/** Hands in an open box of a board under test: every step shows at once, is sent as an act, and stands as the server has it. */
export function useHandsOn(
  proof: ReturnType<typeof useProof>,
  board: Ref<BoardLook | null>,
  box: Ref<Enclosure | null>,
  standing: Ref<BenchState | null>,
  reload: () => void,
) {
  const isOn = ref(false)
  const bench = shallowRef<BenchState>(standing.value ?? bareBench)
  // A board that was fetched before the last step was sent is behind: the next one comes with the answer to that step.
  watch(standing, (now) => {
    if (now && proof.waiting.value === 0) bench.value = now
  })
  const look = computed(() => board.value ?? EMPTY)
  const places = computed(() => placesOf(look.value))

  function make(step: Step): string | null {
    const hunt = proof.data.value?.hunt
    if (!isOn.value || !hunt) return 'unknown-place'
    if (proof.data.value?.isLive) return 'live'
    if (isBack(step)) {
      if (!(step.do === 'undo' ? hunt.canUndo : hunt.canRedo)) return `nothing-to-${step.do}`
    } else {
      try {
        bench.value = apply(bench.value, step, places.value)
      } catch (error) {
        if (error instanceof StepDoesNotFit) return error.message
        throw error
      }
    }
    proof.act('work', { step })
    return null
  }

  const hand = useHand(
    look,
    computed(() => box.value ?? NOWHERE),
    bench,
    places,
    make,
  )
  watch(
    () => box.value?.id,
    () => hand.putDown(),
  )
  useKeys({
    hand,
    box: () => box.value ?? NOWHERE,
    tray: () => look.value.tray,
    lettersOn: () => isOn.value && box.value !== null,
    goTo: () => undefined,
    toggleHelp: () => undefined,
  })

  function tighten() {
    const place = hand.carried.value[0]
    if (!place) return hand.announce(say('prove.pick-up-a-wire-or'))
    if (proof.data.value?.isLive) return hand.announce(say('prove.the-board-is-live-make'))
    proof.act('tighten', { one: place })
    hand.announce(say('prove.tightened'))
    hand.putDown()
  }

  // The server's board stands: what it took shows, and what it did not take goes.
  let shown = proof.data.value?.hunt?.hands
  watch(
    () => [proof.data.value, proof.notice.value, proof.waiting.value] as const,
    ([data, notice, waiting]) => {
      const hands = data?.hunt?.hands
      shown ??= hands
      if (waiting > 0 || (hands === shown && !data?.isRefused && !notice)) return
      shown = hands
      reload()
    },
  )

  return {
    isOn,
    isBusy: computed(() => hand.carried.value.length > 0 || hand.isPigtailInHand.value),
    hand,
    bench,
    tighten,
  }
}
