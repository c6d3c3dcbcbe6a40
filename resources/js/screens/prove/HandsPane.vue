<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import type { BoardLook, Enclosure, HuntNow, ProofAct, Repairs } from '@/shared/api/generated/http'
import ToolTray from '@/shared/hand/ToolTray.vue'
import type { Hand } from '@/shared/hand/useHand'

/** Hands in the open box: the tray, a screw made tight, a new part, a new run. */
const props = defineProps<{
  board: BoardLook
  box: Enclosure | null
  hand: Hand
  hunt: HuntNow
  repairs: Repairs
  isLive: boolean
}>()
const emit = defineEmits<{ tighten: []; act: [kind: ProofAct['kind'], more: Omit<ProofAct, 'kind'>] }>()
const parts = computed(() =>
  props.repairs.parts
    .filter(({ box }) => box === props.box?.id)
    .flatMap(({ name, fits }) => fits.map((fit) => ({ id: fit.id, name: `${name}: ${fit.name}` }))),
)
const runs = computed(() => props.repairs.runs.filter(({ box }) => box === props.box?.id))
const renewals = computed(
  () =>
    [
      {
        kind: 'fit',
        name: say('prove.new-part'),
        does: say('prove.fit-it'),
        of: parts.value,
        said: say('prove.takes-the-old-part-out'),
      },
      {
        kind: 'new-run',
        name: say('prove.new-run'),
        does: say('prove.run-it'),
        of: runs.value,
        said: say('prove.pulls-a-new-cable-in'),
      },
    ] as const,
)
/** What is chosen to be put in anew, by what it is. */
const chosen = ref<Record<string, string>>({})
watch(
  () => props.box?.id,
  () => (chosen.value = {}),
)

function renew({ kind, said }: (typeof renewals.value)[number]) {
  emit('act', kind, { on: chosen.value[kind] ?? '' })
  props.hand.announce(said)
}
</script>

<template>
  <div
    class="space-y-1.5 px-3 py-1.5 [&_button]:min-h-9 [&_button]:px-2 [&_button]:text-sm [&_select]:min-h-9 [&_select]:px-1 [&_select]:text-sm"
    data-test="hands-pane"
  >
    <p v-if="isLive" class="flex items-center gap-2 font-bold" data-test="hands-live">
      <span class="hazard h-5 w-5 shrink-0 border border-ink" aria-hidden="true" />{{
        say('prove.the-board-is-live-make')
      }}
    </p>
    <p v-else-if="!box">{{ say('prove.open-a-box-first') }}</p>
    <template v-else>
      <ToolTray :board="board" :hand="hand" :keys="false" />
      <div class="flex flex-wrap items-center gap-1.5">
        <button
          type="button"
          class="btn"
          data-test="tighten"
          :disabled="hand.carried.value.length === 0"
          @click="emit('tighten')"
        >
          {{ say('prove.tighten') }}
        </button>
        <button type="button" class="btn" data-test="undo" :disabled="!hunt.canUndo" @click="hand.undo()">
          {{ say('prove.undo') }}
        </button>
        <button type="button" class="btn" data-test="redo" :disabled="!hunt.canRedo" @click="hand.redo()">
          {{ say('prove.redo') }}
        </button>
        <template v-for="one in renewals" :key="one.kind">
          <span v-if="one.of.length > 0" class="flex items-center gap-1">
            <select v-model="chosen[one.kind]" class="field max-w-40" :aria-label="one.name" :data-renew="one.kind">
              <option :value="undefined">{{ one.name }} …</option>
              <option v-for="item in one.of" :key="item.id" :value="item.id">{{ item.name }}</option>
            </select>
            <button v-if="chosen[one.kind]" type="button" class="btn" :data-test="one.kind" @click="renew(one)">
              {{ one.does }}
            </button>
          </span>
        </template>
      </div>
    </template>
  </div>
</template>
