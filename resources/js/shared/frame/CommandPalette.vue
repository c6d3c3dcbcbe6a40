<script setup lang="ts">
import { orSay, reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
  DialogTitle,
} from '@headlessui/vue'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { practices } from '@/shared/practices'
import { findIn, type Entry } from './findIn'
import { isPaletteOpen } from './palette'

const router = useRouter()
const asked = ref('')
const loaded = shallowRef<Entry[]>([])
const failure = ref('')
const PLACES: Entry[] = [
  { key: 'tonight', name: say('shared.tonight'), kind: 'place', to: '/tonight' },
  { key: 'boards', name: say('shared.boards'), kind: 'place', to: '/boards' },
  { key: 'tasks', name: say('shared.tasks'), kind: 'place', to: '/tasks' },
  { key: 'people', name: say('shared.people'), kind: 'place', to: '/people' },
  { key: 'marks', name: say('shared.marks'), kind: 'place', to: '/marks' },
  { key: 'password', name: say('shared.change-my-password'), kind: 'place', to: '/password' },
]
const entries = computed<Entry[]>(() => [
  ...PLACES,
  ...practices().map(({ id, name }) => ({
    key: `new-${id}`,
    name: say('shared.draw-a-new-board-name', { name }),
    kind: 'action' as const,
    run: async () => void (await router.push(`/draw/${(await api.startDrawing({ practice: id as 'na' })).id}`)),
  })),
  ...loaded.value,
])
const found = computed(() => findIn(entries.value, asked.value))

async function load() {
  failure.value = ''
  await orSay(failure, async () => {
    const [boards, classes, set] = await Promise.all([api.boardFiles(), api.classrooms(), api.assignments()])
    loaded.value = [
      ...boards.flatMap(({ id, title }): Entry[] => [
        { key: `board-${id}`, name: title, kind: 'board', to: `/plans/${id}` },
        { key: `set-${id}`, name: say('shared.set-title', { title }), kind: 'action', to: `/set/${id}` },
        { key: `try-${id}`, name: say('shared.try-title', { title }), kind: 'action', to: `/try/${id}` },
        { key: `show-${id}`, name: say('shared.show-title', { title }), kind: 'action', to: `/show/${id}` },
      ]),
      ...classes.flatMap(({ id, name, trainees }): Entry[] => [
        { key: `class-${id}`, name, kind: 'class', to: `/people?class=${id}` },
        ...trainees.map((trainee): Entry => ({
          key: `person-${id}-${trainee.id}`,
          name: trainee.name,
          kind: 'person',
          to: `/people?class=${id}&person=${trainee.id}`,
        })),
      ]),
      ...set.map((item): Entry => ({
        key: `assignment-${item.id}`,
        name: `${item.task ?? item.board.title}, ${item.classroom}`,
        kind: 'set',
        to: `/tonight?assignment=${item.id}`,
      })),
    ]
  })
}

watch(
  isPaletteOpen,
  (open) => {
    asked.value = ''
    if (open) void load()
  },
  { immediate: true },
)

async function go(entry: Entry | null) {
  if (!entry) return
  isPaletteOpen.value = false
  try {
    if (entry.to) await router.push(entry.to)
    else await entry.run?.()
  } catch (error) {
    failure.value = reasonOf(error)
    isPaletteOpen.value = true
  }
}
</script>

<template>
  <Dialog :open="isPaletteOpen" class="relative z-40" @close="isPaletteOpen = false">
    <div class="fixed inset-0 bg-ink/30" aria-hidden="true" />
    <div class="fixed inset-0 flex items-start justify-center p-6 pt-24">
      <DialogPanel class="w-full max-w-xl rounded-md border-2 border-ink bg-paper">
        <DialogTitle class="sr-only">{{ say('shared.find-a-place-a-board') }}</DialogTitle>
        <Combobox :model-value="null" nullable @update:model-value="go">
          <ComboboxInput
            class="min-h-14 w-full border-b border-line bg-paper px-4 text-xl outline-none"
            :placeholder="say('shared.a-place-a-board-a')"
            :aria-label="say('shared.find-a-place-a-board')"
            autocomplete="off"
            @change="asked = $event.target.value"
          />
          <p v-if="failure" role="alert" class="border-b border-line px-4 py-2">{{ failure }}</p>
          <ComboboxOptions static class="max-h-96 overflow-auto py-2" data-test="palette">
            <ComboboxOption
              v-for="entry in found.shown"
              :key="entry.key"
              v-slot="{ active }"
              :value="entry"
              as="template"
            >
              <li
                class="flex min-h-11 cursor-pointer items-center gap-3 px-4"
                :class="active ? 'bg-wash text-violet' : ''"
              >
                <span class="grow truncate">{{ entry.name }}</span><span class="code text-soft">{{ entry.kind }}</span>
              </li>
            </ComboboxOption>
          </ComboboxOptions>
          <p v-if="found.shown.length === 0" class="px-4 pb-3">{{ say('shared.nothing-by-that-name') }}</p>
          <p v-else-if="found.more > 0" class="px-4 pb-3 text-soft">
            {{ say('shared.and-more-more-keep-typing', { more: found.more }) }}
          </p>
        </Combobox>
      </DialogPanel>
    </div>
  </Dialog>
</template>
