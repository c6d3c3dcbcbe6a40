<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { AttackedBoard, TaskAttack } from '@/shared/api/generated/http'
import StandingBoard from '@/shared/board-pane/StandingBoard.vue'
import { placesOf } from '@/shared/bench/bench'
import { replay } from '@/shared/bench/stepLog'

const props = defineProps<{ found: TaskAttack | null; isAttacking: boolean; failure: string }>()
defineEmits<{ again: [] }>()
const opened = shallowRef<AttackedBoard | null>(null)
const openBox = ref<string | null>(null)
watch(
  () => props.found,
  () => (opened.value = null),
)
const attack = computed(() => props.found?.attack ?? null)
const standing = computed(() =>
  props.found?.board && opened.value ? replay(opened.value.standing, placesOf(props.found.board)).now : null,
)
const LISTS = [
  ['passing', 'These would still pass'],
  ['losing', 'These right wirings would lose marks'],
] as const
</script>

<template>
  <section v-if="isAttacking || failure || attack" aria-label="Attack">
    <h3 class="text-lg font-bold">Attacked</h3>
    <p v-if="isAttacking" role="status" class="text-soft" data-test="attacking">
      Making every usual mistake and marking it … this can take ten seconds.
    </p>
    <p v-else-if="failure" role="alert">
      ! {{ failure }} <button type="button" class="btn min-h-9 px-3 text-sm" @click="$emit('again')">Try again</button>
    </p>
    <p v-if="attack && !attack.isFinished" role="status" data-test="not-finished">
      Not finished: this is what was found in the time there was.
    </p>
    <p v-if="attack" data-test="attack">
      {{
        attack.hasPairs
          ? say('«:count usual mistakes, one and two at a time:»', { count: attack.mistakes })
          : say('«:count usual mistakes, one at a time because the board is too large for two:»', {
              count: attack.mistakes,
            })
      }}
      {{ saySome('«{0} none would pass.|{1} one would still pass.|[2,*] :count would still pass.»', attack.passingCount) }}
      {{ say('«:count odd-looking right wirings:»', { count: attack.oddities }) }}
      {{ saySome('«{0} none loses a mark.|{1} one would lose marks.|[2,*] :count would lose marks.»', attack.losingCount) }}
    </p>
    <template v-for="[name, title] in attack ? LISTS : []" :key="name">
      <details v-if="attack![name].length > 0" class="mt-1" :data-list="name">
        <summary class="min-h-9 cursor-pointer font-bold">{{ title }} ({{ attack![`${name}Count`] }})</summary>
        <ul class="divide-y divide-line">
          <li v-for="(item, i) in attack![name]" :key="i" class="py-1">
            <div class="flex items-center gap-3">
              <span class="code w-20 shrink-0">{{ item.got }} of {{ item.total }}</span>
              <span class="grow">{{ item.text }}</span>
              <button
                type="button"
                class="btn min-h-9 px-3 text-sm"
                :aria-expanded="opened === item"
                @click="opened = opened === item ? null : item"
              >
                {{ opened === item ? 'Close' : 'On the board' }}
              </button>
            </div>
            <div
              v-if="opened === item && standing && found?.board"
              class="mt-2 flex h-[28rem] flex-col border border-line"
              data-test="opened"
            >
              <StandingBoard v-model="openBox" class="grow" :board="found.board" :standing="standing"
                >{{ item.got }} of {{ item.total }} points.</StandingBoard
              >
            </div>
          </li>
        </ul>
      </details>
    </template>
  </section>
</template>
