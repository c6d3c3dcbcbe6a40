<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import BoxActions from './BoxActions.vue'
import CableActions from './CableActions.vue'
import * as drawing from './drawing'
import HangChoice from './HangChoice.vue'
import MovedOnBar from './MovedOnBar.vue'
import PlannerStrip from './PlannerStrip.vue'
import { useDrawing } from './useDrawing'
import { useLook } from './useLook'
import { useWallKeys } from './useWallKeys'
import { useWallMode } from './useWallMode'
import WallView from './WallView.vue'
import { wrongPlaces } from './wrongPlaces'

const props = defineProps<{ boardFile: number }>()
const router = useRouter()
const drawn = useDrawing(props.boardFile)
const { data, board, change } = drawn
const { look, isThinking, failure } = useLook(board)
const hand = useWallMode(board, data, change)
const { mode } = hand

const chosenBox = computed(() => {
  const now = mode.value
  return now.is === 'box' ? (board.value?.enclosures.find(({ id }) => id === now.id) ?? null) : null
})
const chosenCable = computed(() => {
  const now = mode.value
  return now.is === 'cable' ? (board.value?.cables.find(({ id }) => id === now.id) ?? null) : null
})
const wrong = computed(() => {
  const doubted = look.value?.doubts.flatMap(({ about }) => about) ?? []
  return new Set([...wrongPlaces(board.value, look.value?.problems ?? []), ...doubted])
})
const KEPT = { kept: 'kept', keeping: 'keeping …', held: 'held in this browser until the server answers' }

useWallKeys(board, data, drawn, hand)

async function keepAsCopy() {
  await router.replace(`/draw/${await drawn.keepAsCopy()}`)
  router.go(0)
}
</script>

<template>
  <div class="flex h-dvh flex-col overflow-hidden">
    <TopBar title="Draw a board">
      <span class="text-soft" role="status" data-test="kept">{{ KEPT[drawn.kept.value] }}</span>
      <button type="button" class="btn px-3" :disabled="!drawn.canUndo.value" aria-label="Undo" @click="drawn.undo()">
        ↶
      </button>
      <button type="button" class="btn px-3" :disabled="!drawn.canRedo.value" aria-label="Redo" @click="drawn.redo()">
        ↷
      </button>
      <RouterLink :to="`/plans/${boardFile}`" class="btn">Its plans</RouterLink>
      <RouterLink to="/assign" class="btn">The library</RouterLink>
    </TopBar>
    <LoadState v-if="!board || !data" :failure="drawn.failure.value" what="The drawing" @again="drawn.load" />
    <template v-else>
      <MovedOnBar
        v-if="drawn.theirs.value"
        :message="drawn.failure.value"
        @take="drawn.takeTheirs()"
        @copy="keepAsCopy"
      />
      <div class="flex items-center gap-3 border-b border-line px-4 py-1">
        <span class="code border-2 border-ink px-1">{{ board.practice === 'na' ? 'NA' : 'GB' }}</span>
        <input
          class="field max-w-xl font-bold"
          aria-label="Title of the board"
          :value="board.title"
          maxlength="200"
          @change="
            (event) => {
              const title = (event.target as HTMLInputElement).value.trim()
              if (title) change((was) => ({ ...was, title }))
            }
          "
        />
        <span class="text-soft">{{ board.code }}</span>
        <span class="ml-auto" :class="mode.is === 'rest' ? '' : 'sr-only'" role="status" data-test="said">{{
          hand.said.value
        }}</span>
      </div>
      <main class="min-h-0 grow">
        <WallView
          :board="board"
          :look="look"
          :selected="hand.selected.value"
          :offered="hand.offered.value"
          :wrong="wrong"
          :asked="mode.is === 'hang' ? mode.at : null"
          @wall="hand.tapWall"
          @box="hand.tapBox"
          @cable="hand.tapCable"
          @move="(id, at) => change((was) => drawing.move(was, id, at))"
        />
      </main>
      <div class="flex min-h-16 shrink-0 items-center border-t-2 border-ink px-4 py-2" data-test="actions">
        <HangChoice v-if="mode.is === 'hang'" :hangings="data.hangings" @hang="hand.hang" @leave="hand.rest()" />
        <BoxActions
          v-else-if="chosenBox"
          :board="board"
          :box="chosenBox"
          :kinds="data.kinds"
          @rename="(label) => change((was) => drawing.relabel(was, chosenBox!.id, label))"
          @walk="hand.begin({ is: 'walk', from: chosenBox.id })"
          @point="(device) => hand.begin({ is: 'point', device })"
          @feed="hand.begin({ is: 'feed', supply: chosenBox.id })"
          @duplicate="hand.duplicate(chosenBox.id)"
          @remove="hand.remove(chosenBox.id)"
          @leave="hand.rest()"
        />
        <CableActions
          v-else-if="chosenCable"
          :cable="chosenCable"
          :types="data.cableTypes"
          @retype="(type) => change((was) => drawing.retype(was, chosenCable!.id, type))"
          @cut="hand.cut(chosenCable.id)"
          @leave="hand.rest()"
        />
        <p v-else-if="mode.is === 'rest'" class="text-soft">
          Tap the wall to hang something; tap a box to walk a cable from it or to point from a switch to a light; drag a
          box to move it.
        </p>
        <p v-else class="font-bold">
          {{ hand.said.value }}
          <button type="button" class="btn ml-3 px-3" @click="hand.rest('Put down.')">Stop</button>
        </p>
      </div>
      <PlannerStrip :look="look" :is-thinking="isThinking" :failure="failure" />
    </template>
  </div>
</template>
