<script setup lang="ts">
import { say } from '@/shared/words/say'
import { RadioGroup, RadioGroupOption } from '@headlessui/vue'
import { computed } from 'vue'
import type { BoardLook, Instrument, InstrumentId, ProofAct, ProofData } from '@/shared/api/generated/http'
import InstrumentFace from './InstrumentFace.vue'

/** The instruments in a row, the chosen one drawn with what it shows, and what else a hand does with it. */
const props = defineProps<{
  instruments: readonly Instrument[]
  chosen: InstrumentId
  data: ProofData
  said: string
  board: BoardLook
  isLinking: boolean
  /** Whether a hand may go into a box and put something right. */
  hasHands: boolean
  isHands: boolean
}>()
const emit = defineEmits<{
  choose: [id: InstrumentId | 'hands']
  act: [kind: ProofAct['kind'], more?: Omit<ProofAct, 'kind'>]
  link: []
}>()
const own = computed(() => props.instruments.find(({ id }) => id === props.chosen) ?? null)
const sockets = computed(() =>
  props.board.enclosures.flatMap(({ devices, label }) =>
    devices.filter(({ look }) => look.includes('receptacle')).map(({ id }) => ({ id, label })),
  ),
)
</script>

<template>
  <div class="border-t-2 border-ink" data-test="instruments">
    <RadioGroup
      :model-value="isHands ? 'hands' : chosen"
      class="flex flex-wrap border-b border-line"
      :aria-label="say('prove.instruments')"
      @update:model-value="(id: InstrumentId | 'hands') => emit('choose', id)"
    >
      <RadioGroupOption v-for="item in instruments" :key="item.id" v-slot="{ checked }" :value="item.id" as="template">
        <button
          type="button"
          class="min-h-11 grow cursor-pointer border-r border-line px-2 text-sm leading-tight last:border-r-0"
          :class="checked ? 'bg-wash font-bold shadow-[inset_0_-3px_0_var(--color-violet)]' : ''"
          :data-instrument="item.id"
        >
          {{ item.name }}
        </button>
      </RadioGroupOption>
      <RadioGroupOption v-if="hasHands" v-slot="{ checked }" value="hands" as="template">
        <button
          type="button"
          class="min-h-11 grow cursor-pointer border-l-2 border-ink px-2 text-sm leading-tight"
          :class="checked ? 'bg-wash font-bold shadow-[inset_0_-3px_0_var(--color-violet)]' : ''"
          data-test="hands"
        >
          {{ say('prove.hands') }}
        </button>
      </RadioGroupOption>
    </RadioGroup>
    <slot v-if="isHands" />
    <div v-else class="flex items-center gap-3 px-3 py-1 max-md:flex-wrap">
      <InstrumentFace :kind="chosen" :reading="data.reading" :is-fuse-whole="data.isFuseWhole" />
      <div class="min-w-0 grow">
        <p class="text-sm text-soft max-xl:sr-only">{{ own?.about }}</p>
        <div class="mt-1 flex flex-wrap gap-1 [&>button]:min-h-9 [&>button]:px-2.5">
          <template v-if="chosen === 'two-pole'">
            <button type="button" class="btn" data-test="prove" @click="emit('act', 'prove')">
              {{ say('prove.proving-unit') }}
            </button>
            <button type="button" class="btn" data-test="other-tester" @click="emit('act', 'other-tester')">
              {{ say('prove.other-tester') }}
            </button>
          </template>
          <template v-if="chosen === 'ohm'">
            <button
              type="button"
              class="btn"
              data-test="null"
              :aria-pressed="data.isNulled"
              @click="emit('act', 'null-leads')"
            >
              {{ data.isNulled ? say('prove.leads-nulled') : say('prove.null-the-leads') }}
            </button>
            <button
              v-if="!data.isFuseWhole"
              type="button"
              class="btn"
              data-test="fuse"
              @click="emit('act', 'new-fuse')"
            >
              {{ say('prove.new-fuse') }}
            </button>
          </template>
          <button
            v-for="socket in own?.isPlug ? sockets : []"
            :key="socket.id"
            type="button"
            class="btn"
            :data-socket="socket.id"
            @click="emit('act', 'touch', { with: chosen, one: socket.id })"
          >
            {{ say('prove.into-label', { label: socket.label }) }}
          </button>
          <button v-if="data.held" type="button" class="btn" data-test="lift" @click="emit('act', 'lift')">
            {{ say('prove.probes-off') }}
          </button>
          <button type="button" class="btn" data-test="link" :aria-pressed="isLinking" @click="emit('link')">
            {{ data.link ? say('prove.lead-off') : isLinking ? say('prove.no-lead') : say('prove.test-lead') }}
          </button>
        </div>
      </div>
    </div>
    <p class="min-h-8 border-t border-line px-3 py-1 font-bold" aria-live="polite" data-test="said">{{ said }}</p>
  </div>
</template>
