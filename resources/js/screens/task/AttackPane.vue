<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
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
const lists = computed(() =>
  attack.value
    ? [
        {
          name: 'passing',
          title: say('task.these-would-still-pass'),
          boards: attack.value.passing,
          count: attack.value.passingCount,
        },
        {
          name: 'losing',
          title: say('task.these-correct-wirings-would-lose'),
          boards: attack.value.losing,
          count: attack.value.losingCount,
        },
      ].filter(({ boards }) => boards.length > 0)
    : [],
)
</script>

<template>
  <section v-if="isAttacking || failure || attack" :aria-label="say('task.test-the-marking')">
    <h3 class="text-lg font-bold">{{ say('task.marking-test') }}</h3>
    <p v-if="isAttacking" role="status" class="text-soft" data-test="attacking">
      {{ say('task.trying-every-usual-mistake-against') }}
    </p>
    <p v-else-if="failure" role="alert">
      ! {{ failure }}
      <button type="button" class="btn min-h-9 px-3 text-sm" @click="$emit('again')">
        {{ say('shared.try-again') }}
      </button>
    </p>
    <p v-if="attack && !attack.isFinished" role="status" data-test="not-finished">
      {{ say('task.ran-out-of-time-this') }}
    </p>
    <p v-if="attack" data-test="attack">
      {{
        attack.hasPairs
          ? say('task.count-usual-mistakes-one-and', { count: attack.mistakes })
          : say('task.count-usual-mistakes-one-at', {
              count: attack.mistakes,
            })
      }}
      {{ saySome('task.none-would-pass-one-would', attack.passingCount) }}
      {{ say('task.count-odd-looking-right-wirings', { count: attack.oddities }) }}
      {{ saySome('task.none-loses-a-mark-one', attack.losingCount) }}
    </p>
    <template v-for="{ name, title, boards, count } in lists" :key="name">
      <details class="mt-1" :data-list="name">
        <summary class="min-h-9 cursor-pointer font-bold">{{ title }} ({{ count }})</summary>
        <ul class="divide-y divide-line">
          <li v-for="(item, i) in boards" :key="i" class="py-1">
            <div class="flex items-center gap-3">
              <span class="code w-20 shrink-0">{{
                say('task.got-of-total', { got: item.got, total: item.total })
              }}</span>
              <span class="grow">{{ item.text }}</span>
              <button
                type="button"
                class="btn min-h-9 px-3 text-sm"
                :aria-expanded="opened === item"
                @click="opened = opened === item ? null : item"
              >
                {{ opened === item ? say('shared.close') : say('task.on-the-board') }}
              </button>
            </div>
            <div
              v-if="opened === item && standing && found?.board"
              class="mt-2 flex h-[28rem] flex-col border border-line"
              data-test="opened"
            >
              <StandingBoard v-model="openBox" class="grow" :board="found.board" :standing="standing">{{
                say('task.got-of-total-points', { got: item.got, total: item.total })
              }}</StandingBoard>
            </div>
          </li>
        </ul>
      </details>
    </template>
  </section>
</template>
