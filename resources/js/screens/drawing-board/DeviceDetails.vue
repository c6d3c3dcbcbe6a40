<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Board, Catalogue } from '@/shared/api/generated/http'
import * as drawing from './drawing'
import FaceSketch from '@/shared/board/FaceSketch.vue'
import { practiceOf } from '@/shared/practices'
import { isTicked, typedIn } from '@/shared/ui/typed'

type Device = Board['devices'][number]
const props = defineProps<{ board: Board; device: Device; catalogue: Catalogue }>()
const emit = defineEmits<{ change: [by: (now: Board) => Board] }>()

const kind = computed(() => props.catalogue.kinds[props.device.model] ?? '')
const faces = computed(() => props.catalogue.faces[props.device.model] ?? [])
const face = computed(() => faces.value.find(({ id }) => id === props.device.face) ?? faces.value[0])
/** Parts of the same kind that could hang in its place. */
const parts = computed(() => props.catalogue.parts.filter((part) => part.kind === kind.value))
/** What the region calls the device against shocks. */
const breakerOfLeakage = computed(() => practiceOf(props.board.practice).leakageBreaker)
const isOn = computed(() => (props.board.alwaysOn ?? []).includes(props.device.id))

const alter = (change: Partial<Device>) => emit('change', (now) => drawing.alterDevice(now, props.device.id, change))
const numberOf = (event: Event) => (Number(typedIn(event)) > 0 ? Number(typedIn(event)) : undefined)
const turn = () => alter({ turned: (((props.device.turned ?? 0) + 90) % 360 || undefined) as Device['turned'] })
const lookFrom = (isRear: boolean) => alter({ seenFrom: isRear ? 'rear' : undefined })
</script>

<template>
  <fieldset class="flex flex-wrap items-end gap-3 border-l-4 border-ink pl-3" :data-device="device.id">
    <legend class="sr-only">{{ device.id }}</legend>
    <FaceSketch v-if="face" :face="face" :turned="device.turned ?? 0" :rear="device.seenFrom === 'rear'" />
    <template v-if="kind === 'supply'">
      <label>
        {{ say('drawing-board.breaker-a') }}
        <input
          class="field w-20"
          type="number"
          min="1"
          :value="device.breakerA"
          data-test="breaker"
          @change="alter({ breakerA: numberOf($event) })"
        />
      </label>
      <label>
        {{ say('drawing-board.breakerofleakage-ma', { breakerOfLeakage }) }}
        <input
          class="field w-20"
          type="number"
          min="0"
          :value="device.rcdMa"
          @change="alter({ rcdMa: numberOf($event) })"
        />
      </label>
    </template>
    <template v-else>
      <label>
        {{ say('drawing-board.id-is-a', { id: device.id }) }}
        <select
          class="field w-44"
          :value="device.model"
          data-test="model"
          @change="alter({ model: typedIn($event), face: undefined })"
        >
          <option v-for="part in parts" :key="part.model" :value="part.model">{{ part.name }}</option>
        </select>
      </label>
      <label v-if="faces.length > 1">
        {{ say('drawing-board.device-face') }}
        <select
          class="field w-64"
          :value="face?.id"
          data-test="face"
          @change="alter({ face: typedIn($event) === faces[0]?.id ? undefined : typedIn($event) })"
        >
          <option v-for="one in faces" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <button type="button" class="btn px-3" data-test="turn" @click="turn">
        {{ say('drawing-board.turned-turned', { turned: device.turned ?? 0 }) }}
      </button>
      <label class="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 accent-violet"
          :checked="device.seenFrom === 'rear'"
          @change="lookFrom(isTicked($event))"
        />
        {{ say('drawing-board.seen-from-the-back') }}
      </label>
      <label v-if="kind !== 'switch'" class="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 accent-violet"
          :checked="isOn"
          data-test="always-on"
          @change="$emit('change', (now) => drawing.keepOn(now, device.id, isTicked($event)))"
        />
        {{ say('drawing-board.always-on-not-switched') }}
      </label>
      <button type="button" class="btn px-3" @click="$emit('change', (now) => drawing.takeOut(now, device.id))">
        {{ say('drawing-board.remove-id', { id: device.id }) }}
      </button>
    </template>
  </fieldset>
</template>
