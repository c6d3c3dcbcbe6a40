<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Board, Catalogue } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'
import DeviceDetails from './DeviceDetails.vue'
import * as drawing from './drawing'
import { isTicked, typedIn } from '@/shared/ui/typed'

type Box = Board['enclosures'][number]
const props = defineProps<{ board: Board; box: Box; catalogue: Catalogue }>()
const emit = defineEmits<{ change: [by: (now: Board) => Board]; leave: [] }>()

const devices = computed(() => drawing.devicesIn(props.board, props.box.id))
const reckonsBoxFill = computed(() => practiceOf(props.board.practice).reckonsBoxFill)
const alter = (change: Partial<Box>) => emit('change', (now) => drawing.alter(now, props.box.id, change))
const valueOf = (event: Event) => typedIn(event).trim()
const numberOf = (event: Event) => (Number(valueOf(event)) > 0 ? Number(valueOf(event)) : undefined)
</script>

<template>
  <div class="flex max-h-64 flex-wrap items-end gap-x-4 gap-y-2 overflow-auto" data-test="box-details">
    <label>
      {{ say('drawing-board.name') }}
      <input
        class="field w-48"
        :aria-label="
          box.kind === 'onward' ? say('drawing-board.where-the-cable-goes-on') : say('drawing-board.name-of-this-box')
        "
        :value="box.label ?? box.id"
        maxlength="80"
        @change="alter({ label: valueOf($event) || box.id })"
      />
    </label>
    <template v-if="box.kind !== 'supply' && box.kind !== 'onward'">
      <label>
        {{ say('drawing-board.of') }}
        <select
          class="field w-28"
          :value="box.material ?? 'plastic'"
          data-test="material"
          @change="alter({ material: valueOf($event) as Box['material'] })"
        >
          <option value="metal">{{ say('drawing-board.metal') }}</option>
          <option value="plastic">{{ say('drawing-board.plastic') }}</option>
        </select>
      </label>
      <template v-if="reckonsBoxFill">
        <label>
          {{ say('drawing-board.size') }}
          <select
            class="field w-64"
            :value="box.box ?? ''"
            data-test="box-size"
            @change="alter({ box: (valueOf($event) || undefined) as Box['box'] })"
          >
            <option value="">{{ say('drawing-board.as-marked-or-not-known') }}</option>
            <option v-for="size in catalogue.boxes" :key="size.id" :value="size.id">{{ size.text }}</option>
          </select>
        </label>
        <label v-if="!box.box">
          {{ say('drawing-board.marked-in3') }}
          <input
            class="field w-24"
            type="number"
            min="0"
            step="0.1"
            :value="box.volumeIn3"
            @change="alter({ volumeIn3: numberOf($event) })"
          />
        </label>
        <label>
          {{ say('drawing-board.ring-or-cover-in3') }}
          <input
            class="field w-24"
            type="number"
            min="0"
            step="0.1"
            :value="box.addedIn3"
            @change="alter({ addedIn3: numberOf($event) })"
          />
        </label>
        <label class="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            class="h-5 w-5 accent-violet"
            :checked="box.clamps === 'internal'"
            @change="alter({ clamps: isTicked($event) ? 'internal' : 'none' })"
          />
          {{ say('drawing-board.internal-clamps') }}
        </label>
      </template>
    </template>
    <DeviceDetails
      v-for="device in devices"
      :key="device.id"
      :board="board"
      :device="device"
      :catalogue="catalogue"
      @change="(by) => $emit('change', by)"
    />
    <button type="button" class="btn px-3" @click="$emit('leave')">{{ say('shared.back') }}</button>
  </div>
</template>
