<script setup lang="ts">
import { say } from '@/shared/words/say'
/** One page of keys, with the ways of the mouse and of the finger beside. `markKeys`: what the keys of tape or sleeve do. */
const props = defineProps<{ markKeys: string }>()
defineEmits<{ close: [] }>()

const WAYS: [what: string, key: string, hand: string][] = [
  [say('bench.pick-up-a-wire-or'), 'a b c …', say('bench.tap-it')],
  [say('bench.pick-up-every-wire-that'), say('bench.alt-a'), say('bench.tap-it-twice')],
  [say('bench.connect-what-youre-holding'), '1 2 3 …', say('bench.tap-the-place-or-drag')],
  [say('bench.pick-up-what-is-under'), '1 2 3 …', say('bench.tap-it-with-nothing-in')],
  [say('bench.join-in-a-connector-of'), say('bench.shift-a-b-d-e'), say('bench.tap-the-connector')],
  [say('bench.a-pigtail-from-a-connector'), say('bench.shift-p'), say('bench.tap-it-then-pigtail')],
  [say('bench.cap'), say('bench.shift-c'), say('bench.tap-cap-or-drag-there')],
  [props.markKeys, say('bench.shift-h-n-g'), say('bench.tap-the-tape-or-sleeve')],
  [say('bench.disconnect-what-youre-holding'), 'Backspace', say('bench.tap-take-off')],
  [say('bench.put-everything-down'), say('shared.esc'), say('bench.tap-put-down')],
  [say('bench.next-box-on-that-side'), say('bench.arrows'), say('bench.tap-the-box-on-the')],
  [say('bench.from-wire-to-wire-cable'), 'Tab', ''],
  [say('bench.undo-redo'), say('bench.ctrl-z-ctrl-shift-z'), say('bench.tap-undo-redo')],
]
</script>

<template>
  <section
    class="absolute right-4 bottom-20 z-20 max-h-[80%] w-2xl max-w-full overflow-auto border border-ink bg-paper p-4"
    :aria-label="say('bench.keys')"
    tabindex="0"
  >
    <div class="mb-2 flex items-center justify-between">
      <h2 class="font-bold">{{ say('bench.keys-mouse-and-finger') }}</h2>
      <button type="button" class="btn px-3" @click="$emit('close')">{{ say('shared.close') }}</button>
    </div>
    <table class="w-full text-left text-sm">
      <thead>
        <tr class="border-b border-ink">
          <th scope="col" class="py-1 pr-3">{{ say('bench.to') }}</th>
          <th scope="col" class="pr-3">{{ say('bench.key') }}</th>
          <th scope="col">{{ say('bench.mouse-or-finger') }}</th>
        </tr>
      </thead>
      <tbody class="divide-y divide-line">
        <tr v-for="[what, key, hand] in WAYS" :key="what">
          <th scope="row" class="py-1 pr-3 font-normal first-letter:uppercase">{{ what }}</th>
          <td class="code pr-3 whitespace-nowrap">{{ key }}</td>
          <td>{{ hand }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
