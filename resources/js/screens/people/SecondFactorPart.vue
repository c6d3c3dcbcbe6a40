<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { toDataURL } from 'qrcode'
import { ref } from 'vue'
import { api } from '@/shared/api/api'

/** One-time codes from a phone beside the password, if an instructor wants them; and signing out elsewhere. */
const isOn = ref<boolean | null>(null)
const secret = ref('')
const picture = ref('')
const code = ref('')
const current = ref('')
const said = ref('')
const refusal = ref('')
void api.secondFactor().then((found) => (isOn.value = found.isOn))

async function run(work: () => Promise<string>) {
  refusal.value = said.value = ''
  await orSay(refusal, async () => {
    said.value = await work()
  })
}
const begin = () =>
  run(async () => {
    const made = await api.newSecondFactor()
    secret.value = made.secret
    picture.value = await toDataURL(made.address, { margin: 1, width: 220 })
    return ''
  })
const confirm = () =>
  run(async () => {
    await api.confirmSecondFactor(code.value)
    isOn.value = true
    secret.value = picture.value = code.value = ''
    return say('people.on-from-now-on-you')
  })
const end = () =>
  run(async () => {
    await api.endSecondFactor(current.value)
    isOn.value = false
    current.value = ''
    return say('people.off-from-now-on-your')
  })
const leaveElsewhere = () =>
  run(async () => {
    await api.signOutElsewhere()
    return say('people.signed-out-everywhere-else')
  })
</script>

<template>
  <section
    class="mx-auto w-full max-w-md space-y-4 px-8 pb-8"
    :aria-label="say('people.second-factor')"
    data-test="second-factor"
  >
    <h2 class="text-xl font-bold">{{ say('people.six-digits-as-well-as') }}</h2>
    <template v-if="isOn === false && !secret">
      <p class="text-soft">{{ say('people.optional-an-authenticator-app-on') }}</p>
      <button type="button" class="btn" data-test="factor-begin" @click="begin">{{ say('people.set-it-up') }}</button>
    </template>
    <template v-else-if="secret">
      <p>{{ say('people.scan-this-with-your-authenticator') }}</p>
      <img
        :src="picture"
        width="220"
        height="220"
        :alt="say('people.code-to-scan-with-an')"
        class="border-2 border-ink"
      />
      <p class="code break-all" data-test="factor-secret">{{ secret.match(/.{1,4}/g)?.join(' ') }}</p>
      <form class="flex gap-2" @submit.prevent="confirm">
        <input
          v-model="code"
          class="field code"
          :aria-label="say('people.six-digits')"
          inputmode="numeric"
          autocomplete="one-time-code"
          maxlength="8"
          required
        />
        <button type="submit" class="btn-main">{{ say('people.turn-it-on') }}</button>
      </form>
      <p class="text-sm text-soft">{{ say('people.if-you-lose-your-phone') }}</p>
    </template>
    <form v-else-if="isOn" class="space-y-2" @submit.prevent="end">
      <p>{{ say('people.it-is-on') }}</p>
      <label class="block"
        >{{ say('people.your-password-to-turn-it') }}
        <input v-model="current" class="field" type="password" autocomplete="current-password" required />
      </label>
      <button type="submit" class="btn" data-test="factor-end">{{ say('people.turn-it-off') }}</button>
    </form>
    <hr class="border-line" />
    <button type="button" class="btn" data-test="sign-out-elsewhere" @click="leaveElsewhere">
      {{ say('people.sign-out-everywhere-else') }}
    </button>
    <p v-if="refusal" role="alert" class="border-l-3 border-ink pl-3">{{ refusal }}</p>
    <p v-if="said" role="status" class="border-l-3 border-ink pl-3">{{ said }}</p>
  </section>
</template>
