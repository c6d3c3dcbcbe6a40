<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Board, Catalogue } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'
import { typedIn } from '@/shared/ui/typed'

type Cable = Board['cables'][number]
const props = defineProps<{
  cable: Cable
  catalogue: Catalogue
  practice: Board['practice']
  /** Its length from how it lies, in words. */
  lies: string
}>()
const emit = defineEmits<{ change: [change: Partial<Cable>]; beside: []; cut: []; leave: [] }>()

const M_PER_FT = 0.3048
const unit = computed(() =>
  practiceOf(props.practice).imperial ? { name: 'ft', inM: M_PER_FT } : { name: 'm', inM: 1 },
)
const isSingle = computed(() => props.catalogue.cableTypes.find(({ id }) => id === props.cable.type)?.single ?? false)
const length = computed(() =>
  props.cable.lengthM === undefined ? '' : String(Math.round((props.cable.lengthM / unit.value.inM) * 100) / 100),
)

function retype(type: string) {
  const single = props.catalogue.cableTypes.find(({ id }) => id === type)?.single
  emit('change', { type, colour: single ? (props.cable.colour ?? props.catalogue.colours[0]?.id) : undefined })
}

function setLength(text: string) {
  const number = Number(text)
  emit('change', { lengthM: number > 0 ? Math.round(number * unit.value.inM * 1000) / 1000 : undefined })
}
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-3"
    role="group"
    :aria-label="say('drawing-board.cable-id', { id: cable.id })"
  >
    <strong>{{ say('drawing-board.cable-id', { id: cable.id }) }}</strong>
    <label class="flex items-center gap-2">
      {{ say('drawing-board.is') }}
      <select class="field w-auto" :value="cable.type" data-test="cable-type" @change="retype(typedIn($event))">
        <option v-for="type in catalogue.cableTypes" :key="type.id" :value="type.id">{{ type.print }}</option>
      </select>
    </label>
    <label v-if="isSingle" class="flex items-center gap-2">
      {{ say('drawing-board.in') }}
      <select
        class="field w-auto"
        :value="cable.colour"
        data-test="cable-colour"
        @change="$emit('change', { colour: typedIn($event) as Cable['colour'] })"
      >
        <option v-for="colour in catalogue.colours" :key="colour.id" :value="colour.id">{{ colour.name }}</option>
      </select>
    </label>
    <label class="flex items-center gap-2">
      {{ say('drawing-board.length-name', { name: unit.name }) }}
      <input
        class="field w-28"
        type="number"
        min="0"
        step="any"
        :value="length"
        :placeholder="lies"
        data-test="cable-length"
        @change="setLength(typedIn($event))"
      />
    </label>
    <button type="button" class="btn px-3" @click="$emit('beside')">
      {{
        isSingle ? say('drawing-board.another-conductor-in-this-conduit') : say('drawing-board.another-cable-beside-it')
      }}
      <span class="code text-violet" aria-hidden="true">D</span>
    </button>
    <button type="button" class="btn px-3" @click="$emit('cut')">{{ say('drawing-board.remove-it') }}</button>
    <button type="button" class="btn px-3" @click="$emit('leave')">{{ say('shared.done') }}</button>
  </div>
</template>
