<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { BoardLook, Enclosure, FindingNow, ProofAct, Repairs } from '@/shared/api/generated/http'
import ToolTray from '@/shared/hand/ToolTray.vue'
import type { Hand } from '@/shared/hand/useHand'

/** Hands in the open box: the tray, a screw made tight, a new part, a new run. */
const props = defineProps<{
  board: BoardLook
  box: Enclosure | null
  hand: Hand
  finding: FindingNow
  repairs: Repairs
  isLive: boolean
}>()
const emit = defineEmits<{ tighten: []; act: [kind: ProofAct['kind'], more: Omit<ProofAct, 'kind'>] }>()
const part = ref('')
const run = ref('')
const parts = computed(() =>
  props.repairs.parts
    .filter(({ box }) => box === props.box?.id)
    .flatMap(({ name, fits }) => fits.map((fit) => ({ id: fit.id, name: `${name}: ${fit.name}` }))),
)
const runs = computed(() => props.repairs.runs.filter(({ box }) => box === props.box?.id))
watch(
  () => props.box?.id,
  () => {
    part.value = ''
    run.value = ''
  },
)

function renew(kind: 'fit' | 'new-run', on: string, said: string) {
  emit('act', kind, { on })
  props.hand.say(said)
}
</script>

<template>
  <div
    class="space-y-1.5 px-3 py-1.5 [&_button]:min-h-9 [&_button]:px-2 [&_button]:text-sm [&_select]:min-h-9 [&_select]:px-1 [&_select]:text-sm"
    data-test="hands-pane"
  >
    <p v-if="isLive" class="flex items-center gap-2 font-bold" data-test="hands-live">
      <span class="hazard h-5 w-5 shrink-0 border border-ink" aria-hidden="true" />The board is live: hands go into a
      dead one.
    </p>
    <p v-else-if="!box">Open a box and take its cover off first.</p>
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
          tighten
        </button>
        <button type="button" class="btn" data-test="undo" :disabled="!finding.canUndo" @click="hand.undo()">
          undo
        </button>
        <button type="button" class="btn" data-test="redo" :disabled="!finding.canRedo" @click="hand.redo()">
          redo
        </button>
        <span v-if="parts.length > 0" class="flex items-center gap-1">
          <select v-model="part" class="field max-w-40" aria-label="New part" data-test="new-part">
            <option value="">New part …</option>
            <option v-for="one in parts" :key="one.id" :value="one.id">{{ one.name }}</option>
          </select>
          <button
            v-if="part"
            type="button"
            class="btn"
            data-test="fit"
            @click="renew('fit', part, 'The old part out, the new one in.')"
          >
            Fit it
          </button>
        </span>
        <span v-if="runs.length > 0" class="flex items-center gap-1">
          <select v-model="run" class="field max-w-40" aria-label="New run" data-test="new-run">
            <option value="">New run …</option>
            <option v-for="one in runs" :key="one.id" :value="one.id">{{ one.name }}</option>
          </select>
          <button
            v-if="run"
            type="button"
            class="btn"
            data-test="run"
            @click="renew('new-run', run, 'A new one pulled in its place, and joined as the old one was.')"
          >
            Run it
          </button>
        </span>
      </div>
    </template>
  </div>
</template>
