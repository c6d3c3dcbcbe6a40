<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import type { Board, Catalogue } from '@/shared/api/generated/http'
import BoxDetails from './BoxDetails.vue'
import { alter, devicesIn } from './drawing'

const props = defineProps<{
  board: Board
  box: Board['enclosures'][number]
  catalogue: Catalogue
  /** A larger box that would do, where this one is too small. */
  larger: string | null
  /** Whether an electronic switch could go here; null until it is asked. */
  neutral: string | null
}>()
const emit = defineEmits<{
  change: [by: (now: Board) => Board]
  walk: []
  point: [device: string]
  fit: []
  lineUp: []
  light: []
  feed: []
  copy: []
  duplicate: []
  remove: []
  neutral: []
  leave: []
}>()

const isOpen = ref(false)
const isBeyond = computed(() => props.box.kind === 'onward')
const isSupply = computed(() => props.box.kind === 'supply')
const hasLight = computed(() =>
  devicesIn(props.board, props.box.id).some(({ model }) => props.catalogue.kinds[model] === 'lamp'),
)
const switches = computed(() =>
  devicesIn(props.board, props.box.id).filter(({ model }) => props.catalogue.kinds[model] === 'switch'),
)

const nameOf = (size: string) =>
  props.catalogue.boxes.find(({ id }) => id === size)?.text ?? say('drawing-board.larger-one')

function takeLarger() {
  const size = props.larger as typeof props.box.box
  emit('change', (now) => alter(now, props.box.id, { box: size }))
}
</script>

<template>
  <div class="flex flex-col gap-2" role="group" :aria-label="say('drawing-board.id', { id: box.label ?? box.id })">
    <div
      v-if="!isOpen"
      class="flex flex-wrap items-center gap-2 [&>button]:min-h-10 [&>button]:px-2.5 [&>button]:text-sm"
    >
      <button v-if="!isBeyond" type="button" class="btn px-3" @click="$emit('walk')">
        {{ say('drawing-board.run-a-cable') }} <span class="code text-violet" aria-hidden="true">W</span>
      </button>
      <button
        v-for="device in switches"
        :key="device.id"
        type="button"
        class="btn px-3"
        :data-point="device.id"
        @click="$emit('point', device.id)"
      >
        {{
          switches.length > 1
            ? say('drawing-board.choose-the-light-for-id', { id: device.id })
            : say('drawing-board.choose-its-light')
        }}
        <span class="code text-violet" aria-hidden="true">P</span>
      </button>
      <button v-if="isSupply" type="button" class="btn px-3" @click="$emit('feed')">
        {{ say('drawing-board.move-the-feed-to-another') }} <span class="code text-violet" aria-hidden="true">F</span>
      </button>
      <button v-else-if="!isBeyond" type="button" class="btn px-3" @click="$emit('fit')">
        {{ say('drawing-board.add-a-device') }} <span class="code text-violet" aria-hidden="true">H</span>
      </button>
      <button v-if="hasLight" type="button" class="btn px-3" @click="$emit('light')">
        {{ say('drawing-board.move-the-light-to-another') }} <span class="code text-violet" aria-hidden="true">M</span>
      </button>
      <button type="button" class="btn px-3" @click="$emit('lineUp')">
        {{ say('drawing-board.line-it-up-with-another') }} <span class="code text-violet" aria-hidden="true">L</span>
      </button>
      <template v-if="!isSupply">
        <template v-if="!isBeyond">
          <button type="button" class="btn px-3" @click="$emit('duplicate')">
            {{ say('drawing-board.add-another-like-it') }} <span class="code text-violet" aria-hidden="true">D</span>
          </button>
          <button type="button" class="btn px-3" @click="$emit('copy')">{{ say('drawing-board.copy') }}</button>
        </template>
        <button type="button" class="btn px-3" @click="$emit('remove')">{{ say('drawing-board.remove-it') }}</button>
      </template>
      <button type="button" class="btn px-3" data-test="details" @click="isOpen = true">
        {{ say('drawing-board.details') }}
      </button>
      <button
        v-if="switches.length > 0"
        type="button"
        class="btn px-3"
        data-test="ask-neutral"
        @click="$emit('neutral')"
      >
        {{ say('drawing-board.could-an-electronic-switch-go') }}
      </button>
      <button v-if="larger" type="button" class="btn px-3" data-test="larger" @click="takeLarger">
        {{ say('drawing-board.make-it-a-name', { name: nameOf(larger) }) }}
      </button>
      <button type="button" class="btn px-3" @click="$emit('leave')">{{ say('shared.done') }}</button>
    </div>
    <p v-if="neutral" role="status" data-test="neutral">{{ neutral }}</p>
    <BoxDetails
      v-if="isOpen"
      :board="board"
      :box="box"
      :catalogue="catalogue"
      @change="(by) => $emit('change', by)"
      @leave="isOpen = false"
    />
  </div>
</template>
