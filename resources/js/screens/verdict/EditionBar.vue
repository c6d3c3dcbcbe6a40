<script setup lang="ts">
import { say } from '@/shared/words/say'
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import type { VerdictData } from '@/shared/api/generated/http'

defineProps<{ verdict: VerdictData; busy: boolean }>()
const edition = defineModel<string>({ required: true })

const VERDICTS = { pass: say('verdict.pass'), remarks: say('verdict.pass-with-remarks'), fail: say('verdict.fail') }
</script>

<template>
  <Menu as="div" class="relative inline-block">
    <MenuButton class="btn-quiet -ml-3 min-h-9 text-soft" data-test="edition" :aria-busy="busy">
      {{ say('verdict.judged-by-edition', { edition: verdict.edition }) }} <span aria-hidden="true">▾</span
      ><span v-if="busy">{{ say('verdict.judging') }}</span>
    </MenuButton>
    <MenuItems class="absolute left-0 z-20 min-w-56 border border-ink bg-paper py-1">
      <MenuItem v-for="item in verdict.editions" :key="item.id" v-slot="{ active }">
        <button
          type="button"
          class="flex min-h-11 w-full items-center gap-2 px-3 text-left"
          :class="{ 'bg-wash text-violet': active, 'font-bold': item.id === edition }"
          :data-edition="item.id"
          @click="edition = item.id"
        >
          {{ item.id }}{{ item.own ? say('verdict.the-boards-own') : '' }}
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
  <div
    v-if="!verdict.editions.find(({ id }) => id === verdict.edition)?.own"
    class="mt-1 max-h-28 overflow-auto border-l-4 border-violet pl-3"
    role="status"
    tabindex="0"
    data-test="changes"
  >
    <p v-if="verdict.changes.appear.length + verdict.changes.vanish.length === 0">
      {{ say('verdict.no-change-the-boards-own', { verdictThen: VERDICTS[verdict.changes.verdictThen] }) }}
    </p>
    <template v-else>
      <p>{{ say('verdict.the-boards-own-edition-gives', { verdictThen: VERDICTS[verdict.changes.verdictThen] }) }}</p>
      <p v-for="sentence in verdict.changes.appear" :key="sentence">+ {{ sentence }}</p>
      <p v-for="sentence in verdict.changes.vanish" :key="sentence">
        {{ say('verdict.no-longer-sentence', { sentence }) }}
      </p>
    </template>
  </div>
</template>
