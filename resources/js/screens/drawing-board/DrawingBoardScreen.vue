<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import SavingState from '@/shared/outbox/SavingState.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { api } from '@/shared/api/api'
import { practiceOf } from '@/shared/practices'
import BoardSettings from './BoardSettings.vue'
import BoxActions from './BoxActions.vue'
import CableActions from './CableActions.vue'
import * as drawing from './drawing'
import MovedOnBar from './MovedOnBar.vue'
import PlannerStrip from './PlannerStrip.vue'
import TileChoice from './TileChoice.vue'
import { useDrawing } from './useDrawing'
import { useReview } from './useReview'
import { useWallKeys } from './useWallKeys'
import { useWallMode } from './useWallMode'
import WallView from './WallView.vue'
import { wrongPlaces } from './wrongPlaces'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ boardFile: number }>()
const router = useRouter()
const drawn = useDrawing(props.boardFile)
const { catalogue, board, change } = drawn
const { review, isThinking, failure } = useReview(board)
const hand = useWallMode(board, catalogue, change)
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
  const warned = review.value?.warnings.flatMap(({ about }) => about) ?? []
  return new Set([...wrongPlaces(board.value, review.value?.problems ?? []), ...warned])
})
const scheme = ref<string | null>(null)
/** A scheme that is looked at and works stands on the wall instead of the preferred plan. */
const shown = computed(() => {
  const looked = review.value?.schemes.find(({ id, works }) => works && id === scheme.value)
  return looked ?? { cables: review.value?.cables ?? [], boxes: review.value?.boxes ?? [] }
})
const larger = computed(
  () => review.value?.boxes.find(({ id, fits }) => id === chosenBox.value?.id && fits === false)?.larger ?? null,
)

const neutral = ref<string | null>(null)
watch([chosenBox, board], () => (neutral.value = null))
async function askNeutral(box: string) {
  const drawn = board.value
  if (!drawn) return
  neutral.value = say('drawing-board.the-planner-is-working-it')
  await orSay(neutral, async () => {
    neutral.value = (await api.neutralIn(drawn, box)).sentence
  })
}

useWallKeys(board, catalogue, drawn, hand)

async function keepAsCopy() {
  await router.replace(`/draw/${await drawn.keepAsCopy()}`)
  router.go(0)
}
</script>

<template>
  <div class="screen">
    <TopBar :title="board?.title ?? say('drawing-board.draw-a-board')" :board="boardFile">
      <SavingState class="text-soft" :state="drawn.saving.value" :to-send="drawn.toSend.value" />
      <button
        type="button"
        class="btn px-3"
        :disabled="!drawn.canUndo.value"
        :aria-label="say('shared.undo')"
        @click="drawn.undo()"
      >
        ↶
      </button>
      <button
        type="button"
        class="btn px-3"
        :disabled="!drawn.canRedo.value"
        :aria-label="say('drawing-board.redo')"
        @click="drawn.redo()"
      >
        ↷
      </button>
      <RouterLink :to="`/set/${boardFile}`" class="btn-main">{{ say('drawing-board.set') }}</RouterLink>
    </TopBar>
    <LoadState
      v-if="!board || !catalogue"
      :failure="drawn.failure.value"
      :what="say('drawing-board.the-drawing')"
      @again="drawn.load"
    />
    <template v-else>
      <MovedOnBar
        v-if="drawn.theirs.value"
        :message="drawn.failure.value"
        @take="drawn.takeTheirs()"
        @copy="keepAsCopy"
      />
      <div class="flex items-center gap-3 border-b border-line px-4 py-1">
        <span class="code border-2 border-ink px-1">{{ practiceOf(board.practice).short }}</span>
        <input
          class="field max-w-xl font-bold"
          :aria-label="say('drawing-board.title-of-the-board')"
          :value="board.title"
          maxlength="200"
          @change="
            (event) => {
              const title = typedIn(event).trim()
              if (title) change((was) => ({ ...was, title }))
            }
          "
        />
        <button type="button" class="btn min-h-9 px-3 text-sm" data-test="asks" @click="hand.begin({ is: 'board' })">
          {{ say('drawing-board.code-what-it-has-to', { code: board.code }) }}
          <span class="code text-violet" aria-hidden="true">B</span>
        </button>
        <span class="ml-auto" :class="mode.is === 'rest' ? '' : 'sr-only'" role="status" data-test="said">{{
          hand.said.value
        }}</span>
      </div>
      <main class="min-h-0 grow">
        <WallView
          :board="board"
          :shown="shown"
          :selected="hand.selected.value"
          :kinds="catalogue.kinds"
          :offered="hand.offered.value"
          :wrong="wrong"
          :asked="mode.is === 'hang' ? mode.at : null"
          @wall="hand.tapWall"
          @box="hand.tapBox"
          @cable="hand.tapCable"
          @drop="hand.drop"
        />
      </main>
      <div class="flex min-h-16 shrink-0 items-center border-t-2 border-ink px-4 py-2" data-test="actions">
        <TileChoice
          v-if="mode.is === 'hang'"
          :question="say('drawing-board.what-goes-here')"
          :tiles="catalogue.wallParts"
          @choose="(i) => catalogue?.wallParts.slice(i, i + 1).forEach(hand.hang)"
          @leave="hand.rest()"
        />
        <TileChoice
          v-else-if="mode.is === 'fit'"
          :question="say('drawing-board.which-device')"
          :tiles="catalogue.parts.map(({ model, name }) => ({ key: model, name }))"
          @choose="(i) => catalogue?.parts.slice(i, i + 1).forEach(({ model }) => hand.fit(model))"
          @leave="hand.rest()"
        />
        <BoardSettings
          v-else-if="mode.is === 'board'"
          :board="board"
          :catalogue="catalogue"
          @change="change"
          @leave="hand.rest()"
        />
        <BoxActions
          v-else-if="chosenBox"
          :key="chosenBox.id"
          :board="board"
          :box="chosenBox"
          :catalogue="catalogue"
          :larger="larger"
          :neutral="neutral"
          @change="change"
          @walk="hand.begin({ is: 'walk', from: chosenBox.id })"
          @point="(device) => hand.begin({ is: 'point', device })"
          @fit="hand.begin({ is: 'fit', box: chosenBox.id })"
          @line-up="hand.begin({ is: 'line-up', id: chosenBox.id })"
          @feed="hand.begin({ is: 'feed', supply: chosenBox.id })"
          @light="hand.begin({ is: 'light', from: chosenBox.id })"
          @copy="hand.copy(chosenBox.id)"
          @duplicate="hand.duplicate(chosenBox.id)"
          @remove="hand.remove(chosenBox.id)"
          @neutral="askNeutral(chosenBox.id)"
          @leave="hand.rest()"
        />
        <CableActions
          v-else-if="chosenCable"
          :key="chosenCable.id"
          :cable="chosenCable"
          :catalogue="catalogue"
          :practice="board.practice"
          :lies="review?.cables.find(({ id }) => id === chosenCable?.id)?.length ?? ''"
          @change="(by) => change((was) => drawing.alterCable(was, chosenCable!.id, by))"
          @beside="hand.runBeside(chosenCable.id)"
          @cut="hand.cut(chosenCable.id)"
          @leave="hand.rest()"
        />
        <p v-else-if="mode.is === 'rest'" class="text-soft">
          {{ say('drawing-board.tap-the-wall-to-put') }}
        </p>
        <p v-else class="font-bold">
          {{ hand.said.value }}
          <button v-if="mode.is === 'walk'" type="button" class="btn ml-3 px-3" data-test="go-on" @click="hand.goOn()">
            {{ say('drawing-board.to-somewhere-beyond-this-board') }}
            <span class="code text-violet" aria-hidden="true">O</span>
          </button>
          <button type="button" class="btn ml-3 px-3" @click="hand.rest(say('drawing-board.stopped'))">
            {{ say('drawing-board.stop') }}
          </button>
        </p>
      </div>
      <PlannerStrip
        v-model="scheme"
        :review="review"
        :is-thinking="isThinking"
        :failure="failure"
        :board-file="boardFile"
        @take="(way) => change((was) => drawing.takeWayOut(was, way))"
        @insist="(scheme) => change((was) => drawing.require(was, { scheme: scheme as never }))"
      />
    </template>
  </div>
</template>
